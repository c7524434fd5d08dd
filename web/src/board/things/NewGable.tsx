import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import type { MakingProps } from "../tools/ToolOf";

/** What the next gable across a slope will be. */
export function NewGable({ making, set }: MakingProps) {
  const { roof, gable } = making;
  const ofRoof = (part: Partial<typeof roof>) => set({ roof: { ...roof, ...part } });
  const change = (part: Partial<typeof gable>) => set({ gable: { ...gable, ...part } });
  return (
    <Section title="New gable" words="made as the roof it lies across">
      <LengthField label="Width" mm={gable.widthMm} onChange={(widthMm) => change({ widthMm })} />
      <LengthField label="Out from the wall" mm={gable.outMm} onChange={(outMm) => change({ outMm })} />
      <PitchField label="Pitch" pitch={roof.pitch} onChange={(pitch) => ofRoof({ pitch })} />
      <LengthField label="Overhang" mm={roof.overhangMm} onChange={(overhangMm) => ofRoof({ overhangMm })} />
      <LengthField
        label="Overhang of its front"
        mm={roof.vergeMm}
        onChange={(vergeMm) => ofRoof({ vergeMm })}
      />
    </Section>
  );
}
