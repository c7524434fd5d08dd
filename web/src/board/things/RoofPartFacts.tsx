import type { RoofPart } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementsOf, type Making } from "../state/state";

type Made = Making["roofPart"];

/** Sizes as they are asked of a light and of a chimney. */
const SIZES = {
  LIGHT: { widthMm: 780, lengthMm: 1180 },
  STACK: { widthMm: 665, lengthMm: 440 },
} as const;

function Fields({ made, change }: { readonly made: Made; readonly change: (part: Partial<Made>) => void }) {
  const elements = useBoard((s) => s.elements);
  const materials = elementsOf({ elements }, "material").sort((a, b) => a.name.localeCompare(b.name));
  const light = made.kind === "LIGHT";
  return (
    <>
      <LengthField label="Width" mm={made.widthMm} onChange={(widthMm) => change({ widthMm })} />
      <LengthField
        label={light ? "Length along the slope" : "Depth"}
        mm={made.lengthMm}
        onChange={(lengthMm) => change({ lengthMm })}
      />
      {light ? (
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
      ) : (
        <>
          <LengthField
            label="Above the roof at it"
            mm={made.aboveMm}
            onChange={(aboveMm) => change({ aboveMm })}
          />
          <Row label="Of">
            <Choice
              value={made.material}
              options={materials.map((m) => [m.id, m.name] as const)}
              onChange={(material) => change({ material })}
            />
          </Row>
        </>
      )}
    </>
  );
}

export function NewRoofPart({ making, set }: { making: Making; set: (change: Partial<Making>) => void }) {
  const { roofPart } = making;
  const change = (part: Partial<Made>) => set({ roofPart: { ...roofPart, ...part } });
  return (
    <Section title="Through a roof" words="square to the slope it lies in">
      <Row label="Place">
        <Choice
          value={roofPart.kind}
          options={[
            ["LIGHT", "A roof light"],
            ["STACK", "A chimney"],
          ]}
          onChange={(kind) => change({ kind, ...SIZES[kind] })}
        />
      </Row>
      <Fields made={roofPart} change={change} />
    </Section>
  );
}

/** The facts of a selected roof light or chimney. */
export function RoofPartFacts({ part }: { readonly part: RoofPart }) {
  const { sync } = useBoardTools();
  const usual = useBoard((s) => s.making.roofPart);
  const { make, widthMm, lengthMm } = part;
  const made: Made = {
    ...usual,
    widthMm,
    lengthMm,
    ...(make.type === "roofLight"
      ? { kind: "LIGHT" as const, frameMm: make.frameMm, standsMm: make.standsMm }
      : { kind: "STACK" as const, aboveMm: make.aboveMm, material: make.material }),
  };
  const change = (changed: Partial<Made>) => {
    const next = { ...made, ...changed };
    void sync.revise({
      ...part,
      type: "roofPart",
      widthMm: next.widthMm,
      lengthMm: next.lengthMm,
      make:
        next.kind === "LIGHT"
          ? { type: "roofLight", frameMm: next.frameMm, standsMm: next.standsMm }
          : { type: "stack", aboveMm: next.aboveMm, material: next.material },
    });
  };
  return <Fields made={made} change={change} />;
}
