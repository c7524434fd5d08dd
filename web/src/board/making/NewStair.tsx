import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { NumberField } from "../fields/NumberField";
import { useBoard, useBoardTools } from "../state/context";
import type { Making } from "../state/state";
import { LayoutFields, MakeFields } from "../things/StairFields";

interface Props {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

/** What the next stair will be: drawn, or fitted into a well. */
export function NewStair({ making, set }: Props) {
  const { stair } = making;
  const fits = useBoard((s) => s.tool.name === "well");
  const change = (part: Partial<Making["stair"]>) => set({ stair: { ...stair, ...part } });
  return (
    <Section title={fits ? "Stair in a well" : "New stair"} words="to the storey above">
      {!fits && <LayoutFields laid={stair} widthMm={stair.widthMm} onChange={change} />}
      <LengthField label="Width" mm={stair.widthMm} onChange={(widthMm) => change({ widthMm })} />
      <NumberField
        label="Risers"
        value={stair.risers}
        hint="by rule"
        onChange={(risers) => change({ risers })}
      />
      {!fits && <GoingField goingMm={stair.goingMm} onChange={(goingMm) => change({ goingMm })} />}
      <AboveField above={stair.above} onChange={(above) => change({ above })} />
      {fits && <WellChoices />}
      {stair.make && <MakeFields make={stair.make} onChange={(make) => change({ make })} />}
    </Section>
  );
}

export function GoingField(props: {
  goingMm: number | null;
  shownMm?: number;
  onChange: (mm: number | null) => void;
}) {
  const { goingMm, shownMm = 250, onChange } = props;
  return (
    <>
      <Row label="Going">
        <Choice
          value={goingMm === null ? "rule" : "fixed"}
          options={[
            ["rule", "as the rules ask"],
            ["fixed", "typed"],
          ]}
          onChange={(way) => onChange(way === "rule" ? null : shownMm)}
        />
      </Row>
      {goingMm !== null && <LengthField label="Going, nosing to nosing" mm={goingMm} onChange={onChange} />}
    </>
  );
}

export function AboveField(props: {
  above: Making["stair"]["above"];
  onChange: (above: Making["stair"]["above"]) => void;
}) {
  return (
    <Row label="Void above">
      <Choice
        value={props.above}
        options={[
          ["FOUND", "found from headroom"],
          ["BY_HAND", "drawn by hand"],
        ]}
        onChange={props.onChange}
      />
    </Row>
  );
}

/** The layouts tried, best first; those that do not fit say why. */
function WellChoices() {
  const { store, actions } = useBoardTools();
  const well = useBoard((s) => s.well);
  if (!well) return <p className="py-2 text-ink-2">Click two corners of the well to see what fits.</p>;
  const choose = (chosen: number) => {
    store.setState({ well: { ...well, chosen } });
    actions.aim();
  };
  return (
    <>
      <ul aria-label="Stairs that fit" className="my-2 divide-y divide-rule border-rule border-y">
        {well.choices.map((c, i) => (
          <li key={c.name}>
            <button
              type="button"
              disabled={!c.fits}
              aria-pressed={i === well.chosen && c.fits}
              className={`w-full px-1 py-1.5 text-left ${i === well.chosen && c.fits ? "bg-ochre-2" : "enabled:hover:bg-lime-2"}`}
              onClick={() => choose(i)}
            >
              <span className={`flex justify-between font-semibold ${c.fits ? "" : "text-ink-3"}`}>
                {c.name}
                <span className="font-drawing font-normal">{c.fits ? c.area : "does not fit"}</span>
              </span>
              <span className="text-ink-2">{c.reason}</span>
            </button>
          </li>
        ))}
      </ul>
      <Button
        main
        disabled={!well.choices[well.chosen]?.fits}
        onClick={() => void actions.make({ name: "well", from: null })}
      >
        Draw it
      </Button>
    </>
  );
}
