import type { Footing } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import type { Making } from "../state/state";
import type { MakingProps } from "../tools/ToolOf";
import { Figures } from "./Figures";
import { MaterialField } from "./MassFields";

type Made = Omit<Making["footing"], "way">;

/** What rises from a foundation, as it is stored. */
export function risingOf({ stem, stemMm }: Pick<Made, "stem" | "stemMm">): Footing["rising"] {
  return stem === "" ? { type: "straight" } : { type: "stem", material: stem, widthMm: stemMm };
}

function Fields({ made, change }: { readonly made: Made; readonly change: (part: Partial<Made>) => void }) {
  return (
    <>
      <LengthField label="Width" mm={made.widthMm} onChange={(widthMm) => change({ widthMm })} />
      <LengthField label="Thickness" mm={made.depthMm} onChange={(depthMm) => change({ depthMm })} />
      <LengthField
        label="Underside below the floor"
        mm={made.belowMm}
        onChange={(belowMm) => change({ belowMm })}
      />
      <MaterialField value={made.material} onChange={(material) => change({ material })} />
      <Row label="Walls stand on">
        <Choice
          value={made.stem === "" ? "STRAIGHT" : "STEM"}
          options={[
            ["STRAIGHT", "The foundation itself"],
            ["STEM", "A wall in the ground"],
          ]}
          onChange={(to) => change({ stem: to === "STEM" ? made.material : "" })}
        />
      </Row>
      {made.stem !== "" && (
        <>
          <MaterialField label="Its material" value={made.stem} onChange={(stem) => change({ stem })} />
          <LengthField label="Its width" mm={made.stemMm} onChange={(stemMm) => change({ stemMm })} />
        </>
      )}
    </>
  );
}

/** What a foundation is of, and how deep it lies. */
export function FootingFacts({ footing }: { readonly footing: Footing }) {
  const { sync } = useBoardTools();
  const sum = useBoard((s) => (s.footingSum?.footing === footing.id ? s.footingSum : null));
  const usual = useBoard((s) => s.making.footing.stemMm);
  const { rising } = footing;
  const made: Made = {
    widthMm: footing.widthMm,
    depthMm: footing.depthMm,
    belowMm: -footing.undersideMm,
    material: footing.material,
    stem: rising.type === "stem" ? rising.material : "",
    stemMm: rising.type === "stem" ? rising.widthMm : usual,
  };
  const change = (part: Partial<Made>) => {
    const { widthMm, depthMm, belowMm, material, ...stem } = { ...made, ...part };
    const rising = risingOf(stem);
    void sync.revise({ ...footing, widthMm, depthMm, undersideMm: -belowMm, material, rising });
  };
  return (
    <>
      {sum?.cannot && <p className="py-1 text-oxide">{sum.cannot}</p>}
      <Figures label="Figures of the foundation" figures={sum?.figures ?? []} />
      <Fields made={made} change={change} />
    </>
  );
}

/** What the next foundation is of. */
export function NewFooting({ making, set }: MakingProps) {
  const change = (part: Partial<Making["footing"]>) => set({ footing: { ...making.footing, ...part } });
  return (
    <Section title="New foundation" words="under what stands on the ground">
      <Row label="Under">
        <Choice
          value={making.footing.way}
          options={[
            ["SHELL", "All outside walls"],
            ["ONE", "A wall or a post"],
          ]}
          onChange={(way) => change({ way })}
        />
      </Row>
      <Fields made={making.footing} change={change} />
    </Section>
  );
}
