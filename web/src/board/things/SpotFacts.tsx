import type { SpotLevel } from "../../api/types";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoardTools } from "../state/context";
import type { MakingProps } from "../tools/ToolOf";

interface Props {
  readonly existingMm: number;
  readonly finishedMm: number;
  readonly onExisting: (mm: number) => void;
  readonly onFinished: (mm: number) => void;
}

function Fields({ existingMm, finishedMm, onExisting, onFinished }: Props) {
  return (
    <>
      <LengthField label="Existing" mm={existingMm} onChange={onExisting} />
      <LengthField label="Finished" mm={finishedMm} onChange={onFinished} />
    </>
  );
}

/** How high the ground lies there, before and after the work. */
export function SpotFacts({ spot }: { readonly spot: SpotLevel }) {
  const { sync } = useBoardTools();
  const same = spot.existingMm === spot.finishedMm;
  return (
    <Fields
      existingMm={spot.existingMm}
      finishedMm={spot.finishedMm}
      onExisting={(existingMm) =>
        void sync.revise({ ...spot, existingMm, finishedMm: same ? existingMm : spot.finishedMm })
      }
      onFinished={(finishedMm) => void sync.revise({ ...spot, finishedMm })}
    />
  );
}

/** The levels of the next one: the finished one is as the existing one until it is typed. */
export function NewSpotLevel({ making, set }: MakingProps) {
  const { existingMm, finishedMm } = making.spot;
  const change = (part: Partial<typeof making.spot>) => set({ spot: { ...making.spot, ...part } });
  return (
    <Section title="New level of the ground" words="above the project's zero">
      <Fields
        existingMm={existingMm}
        finishedMm={finishedMm ?? existingMm}
        onExisting={(mm) => change({ existingMm: mm })}
        onFinished={(mm) => change({ finishedMm: mm })}
      />
    </Section>
  );
}
