import type { RoofPart } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import { useBoard, useBoardTools } from "../state/context";
import { elementsOf, type Making } from "../state/state";
import { usualMaterial } from "../state/usual";
import { madeOf, makeOf } from "./roofPartMake";

type Made = Making["roofPart"];

/** Sizes as they are asked of each at first. */
const SIZES = {
  LIGHT: { widthMm: 780, lengthMm: 1180 },
  STACK: { widthMm: 665, lengthMm: 440 },
  DORMER: { widthMm: 1500, lengthMm: 1350 },
  OUTLET: { widthMm: 110, lengthMm: 110 },
} as const;

const LENGTHS = {
  LIGHT: "Length along the slope",
  STACK: "Depth",
  DORMER: "Front, up to its plates",
  DOWNPIPE: "Away from the wall",
} as const;

const FORMS = [
  ["GABLED", "Gabled"],
  ["HIPPED", "Hipped"],
  ["SHED", "One slope"],
] as const;

function Fields({ made, change }: { readonly made: Made; readonly change: (part: Partial<Made>) => void }) {
  const elements = useBoard((s) => s.elements);
  const materials = elementsOf({ elements }, "material").sort((a, b) => a.name.localeCompare(b.name));
  const of = (
    <Row label="Of">
      <Choice
        value={made.material}
        options={materials.map((m) => [m.id, m.name] as const)}
        onChange={(material) => change({ material })}
      />
    </Row>
  );
  return (
    <>
      {made.kind === "OUTLET" ? (
        <LengthField
          label="Diameter"
          mm={made.widthMm}
          onChange={(widthMm) => change({ widthMm, lengthMm: widthMm })}
        />
      ) : (
        <>
          <LengthField label="Width" mm={made.widthMm} onChange={(widthMm) => change({ widthMm })} />
          <LengthField
            label={LENGTHS[made.kind]}
            mm={made.lengthMm}
            onChange={(lengthMm) => change({ lengthMm })}
          />
        </>
      )}
      {made.kind === "LIGHT" && (
        <>
          <LengthField
            label="Face of its frame"
            mm={made.frameMm}
            onChange={(frameMm) => change({ frameMm })}
          />
          <LengthField
            label="Stands over the covering"
            mm={made.standsMm}
            onChange={(standsMm) => change({ standsMm })}
          />
        </>
      )}
      {made.kind === "STACK" && (
        <>
          <LengthField
            label="Above the roof at it"
            mm={made.aboveMm}
            onChange={(aboveMm) => change({ aboveMm })}
          />
          {of}
          <Row label="Behind it">
            <Choice
              value={made.behind.type}
              options={[
                ["bare", "nothing"],
                ["saddle", "a saddle"],
              ]}
              onChange={(type) =>
                change({ behind: type === "bare" ? { type } : { type, pitch: made.pitch } })
              }
            />
          </Row>
          {made.behind.type === "saddle" && (
            <PitchField
              label="Pitch of the saddle"
              pitch={made.behind.pitch}
              onChange={(pitch) => change({ behind: { type: "saddle", pitch } })}
            />
          )}
        </>
      )}
      {(made.kind === "DOWNPIPE" || made.kind === "OUTLET") && of}
      {made.kind === "DORMER" && (
        <>
          <Row label="Its roof">
            <Choice value={made.form} options={FORMS} onChange={(form) => change({ form })} />
          </Row>
          <PitchField label="Pitch" pitch={made.pitch} onChange={(pitch) => change({ pitch })} />
          <LengthField label="Overhangs" mm={made.overMm} onChange={(overMm) => change({ overMm })} />
          <LengthField label="Walls, thick" mm={made.wallMm} onChange={(wallMm) => change({ wallMm })} />
          {of}
          <LengthField
            label="Window, width"
            mm={made.windowWidthMm}
            onChange={(windowWidthMm) => change({ windowWidthMm })}
          />
          <LengthField
            label="Window, height"
            mm={made.windowHeightMm}
            onChange={(windowHeightMm) => change({ windowHeightMm })}
          />
          <LengthField
            label="Sill over the slope"
            mm={made.sillMm}
            onChange={(sillMm) => change({ sillMm })}
          />
        </>
      )}
    </>
  );
}

export function NewRoofPart({ making, set }: { making: Making; set: (change: Partial<Making>) => void }) {
  const { roofPart } = making;
  const change = (part: Partial<Made>) => set({ roofPart: { ...roofPart, ...part } });
  const pipe = useBoard((s) => s.offered?.roofs.downpipe);
  const drain = making.roof.trim.gutterOf;
  const chimney = useBoard((s) => usualMaterial(s, "chimney"));
  const begin = (kind: Made["kind"]) => {
    if (kind === "OUTLET") change({ kind, ...SIZES[kind], material: drain });
    else if (kind !== "DOWNPIPE") change({ kind, ...SIZES[kind], material: chimney });
    else if (pipe) change({ kind, widthMm: pipe.widthMm, lengthMm: pipe.depthMm, material: drain });
  };
  return (
    <Section title="Of a roof" words="square to the slope it lies in">
      <Row label="Place">
        <Choice
          value={roofPart.kind}
          options={[
            ["LIGHT", "A roof light"],
            ["STACK", "A chimney"],
            ["DORMER", "A dormer"],
            ["DOWNPIPE", "A downpipe"],
            ["OUTLET", "A roof outlet"],
          ]}
          onChange={begin}
        />
      </Row>
      <Fields made={roofPart} change={change} />
    </Section>
  );
}

/** The facts of a selected roof light, chimney, dormer, downpipe or outlet. */
export function RoofPartFacts({ part }: { readonly part: RoofPart }) {
  const { sync } = useBoardTools();
  const usual = useBoard((s) => s.making.roofPart);
  const made = madeOf(part, usual);
  const change = (changed: Partial<Made>) => {
    const next = { ...made, ...changed };
    void sync.revise({
      ...part,
      type: "roofPart",
      widthMm: next.widthMm,
      lengthMm: next.lengthMm,
      make: makeOf(next),
    });
  };
  return <Fields made={made} change={change} />;
}
