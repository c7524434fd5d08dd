import { useEffect } from "react";
import type { Facing, StringScheme } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { NumberField } from "../fields/NumberField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";
import type { MakingProps } from "../tools/ToolOf";

const SIDES: readonly (readonly [Facing, string])[] = [
  ["TOP", "top"],
  ["RIGHT", "right"],
  ["BOTTOM", "bottom"],
  ["LEFT", "left"],
];

/** Which strings a plan is given, what they go to, and how far they stand off. */
export function Dimensioning({ making, set }: MakingProps) {
  const { store, actions } = useBoardTools();
  const { dimension } = making;
  const { scheme } = dimension;
  const change = (part: Partial<typeof dimension>) => set({ dimension: { ...dimension, ...part } });
  const by = (part: Partial<StringScheme>) => change({ scheme: { ...scheme, ...part } });
  const rooms = useBoard((s) => (s.tool.name === "dimension" ? s.tool.rooms : NONE));
  const elements = useBoard((s) => s.elements);
  const refusal = useBoard((s) => s.preview?.refusal ?? null);
  const count = useBoard((s) =>
    s.preview ? [...s.preview.groups.keys()].filter((id) => !s.elements.has(id)).length : 0,
  );
  useEffect(() => actions.aim(), [actions]);
  const names = rooms.map((id) => elementOf({ elements }, "room", id)?.name ?? "");
  return (
    <Section title="Dimension the plan" words="outside in tiers, inside through every room">
      <Checks
        words="Outside"
        options={SIDES}
        chosen={[...dimension.sides]}
        onChange={(sides) => change({ sides })}
      />
      <label className="flex items-center gap-2 py-1">
        <input
          type="checkbox"
          checked={dimension.inside}
          onChange={(e) => change({ inside: e.target.checked })}
        />
        Inside, and what is not told otherwise
      </label>
      {rooms.length > 0 && (
        <p className="flex items-center justify-between gap-2 py-1">
          <span>Inside of {names.join(", ")} alone</span>
          <Button onClick={() => actions.go({ name: "dimension", rooms: [] })}>All rooms</Button>
        </p>
      )}
      <Row label="Shell, outside">
        <Choice
          value={scheme.outside}
          options={[
            ["FINISH", "to its outer face"],
            ["STRUCTURE", "to its structure"],
          ]}
          onChange={(outside) => by({ outside })}
        />
      </Row>
      <Row label="Walls, inside">
        <Choice
          value={scheme.walls}
          options={[
            ["FINISH", "to finished faces"],
            ["STRUCTURE", "to structure"],
            ["CENTRE", "to their middles"],
          ]}
          onChange={(walls) => by({ walls })}
        />
      </Row>
      <Row label="Openings">
        <Choice
          value={scheme.openings}
          options={[
            ["EDGES", "to their edges"],
            ["CENTRES", "to their middles"],
          ]}
          onChange={(openings) => by({ openings })}
        />
      </Row>
      <OnPaper
        label="First string off the house"
        mm={scheme.firstMm}
        onChange={(firstMm) => by({ firstMm })}
      />
      <OnPaper label="Next string" mm={scheme.nextMm} onChange={(nextMm) => by({ nextMm })} />
      <p aria-live="polite" className="py-2 text-ink-2">
        {refusal ?? (count === 1 ? "One string is added." : count > 1 ? `${count} strings are added.` : "")}
      </p>
      <Button
        main
        disabled={refusal !== null}
        onClick={() => void actions.make({ name: "select" }).then(() => store.setState({ saying: null }))}
      >
        Draw them
      </Button>
    </Section>
  );
}

const NONE: readonly string[] = [];

/** Millimetres on paper, whole. */
function OnPaper({ label, mm, onChange }: { label: string; mm: number; onChange: (mm: number) => void }) {
  return (
    <NumberField
      label={`${label}, mm on paper`}
      value={mm}
      onChange={(value) => value !== null && onChange(value)}
    />
  );
}
