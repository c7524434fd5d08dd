import type { Drawing, Facing } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { useBoard, useBoardTools } from "../state/context";
import { drawingShown, elementOf } from "../state/state";
import type { MakingProps } from "../tools/ToolOf";
import { SchemeFields } from "./SchemeFields";

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
  const rooms = useBoard((s) => (s.tool.name === "dimension" ? s.tool.rooms : NONE));
  const elements = useBoard((s) => s.elements);
  const kind = useBoard((s) => drawingShown(s)?.kind);
  const section = kind !== "PLAN";
  const refusal = useBoard((s) => s.preview?.refusal ?? null);
  const count = useBoard((s) =>
    s.preview ? [...s.preview.groups.keys()].filter((id) => !s.elements.has(id)).length : 0,
  );
  const names = rooms.map((id) => elementOf({ elements }, "room", id)?.name ?? "");
  return (
    <Section title="Dimension it all" words={wordsOf(kind)}>
      {kind !== "INTERIOR" && (
        <Checks
          words="Outside"
          options={SIDES}
          chosen={[...dimension.sides]}
          onChange={(sides) => change({ sides })}
        />
      )}
      {!section && (
        <label className="flex items-center gap-2 py-1">
          <input
            type="checkbox"
            checked={dimension.inside}
            onChange={(e) => change({ inside: e.target.checked })}
          />
          Inside, and what is not told otherwise
        </label>
      )}
      {rooms.length > 0 && (
        <p className="flex items-center justify-between gap-2 py-1">
          <span>Inside of {names.join(", ")} alone</span>
          <Button onClick={() => actions.go({ name: "dimension", rooms: [] })}>All rooms</Button>
        </p>
      )}
      <SchemeFields scheme={scheme} onChange={(scheme) => change({ scheme })} />
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

function wordsOf(kind: Drawing["kind"] | undefined): string {
  if (kind === "PLAN") return "outside in tiers, inside through every room";
  if (kind === "INTERIOR")
    return "under each wall what stands there, over it its openings, beside it heights";
  return "levels at its sides, walls across its foot";
}
