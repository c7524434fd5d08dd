import { useState } from "react";
import type { DimensionString } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { copyingString, joiningStrings } from "../state/revisions";
import { elementOf, elementsOf, unitsOf } from "../state/state";
import { ThroughLens } from "./ThroughLens";

/** On paper: how far apart the tiers of strings stand, millimetres; 3/8 inch. */
const TIERS = { METRIC: 8, FEET_INCHES: 9.525 } as const;

/** A string is refined point by point, or begun again beside itself. */
export function StringFacts({ string }: { readonly string: DimensionString }) {
  const { store, sync } = useBoardTools();
  const scale = useBoard((s) => elementOf(s, "drawing", string.drawing)?.scale ?? 50);
  const units = useBoard(unitsOf);
  const [apart, setApart] = useState<number | null>(null);
  const mm = apart ?? TIERS[units] * scale;
  const [left, right] = sides(string);
  const [copying, setCopying] = useState(false);
  /** The copy is gone on with; until it is there, nothing else is done with the string it is of. */
  const copy = async (aside: number) => {
    const known = new Set(sync.state.elements.keys());
    setCopying(true);
    const stored = await sync.edit(copyingString(string.id, aside));
    const made = stored && elementsOf(sync.state, "dimensionString").find((s) => !known.has(s.id));
    if (made) store.setState({ selection: [made.id] });
    setCopying(false);
  };
  return (
    <>
      <Button
        main
        className="my-1"
        disabled={copying}
        onClick={() => store.setState({ tool: { name: "points", string: string.id } })}
      >
        Add points, take them out
      </Button>
      <Button
        className="my-1"
        disabled={copying || string.kind === "RUNNING"}
        onClick={() => store.setState({ tool: { name: "figure", string: string.id, at: null } })}
      >
        Move figures, let them say something
      </Button>
      <KindAndStyle string={string} />
      <LengthField label="A copy beside it, apart" mm={mm} onChange={setApart} />
      <div className="flex gap-2 pb-1">
        <Button disabled={copying} onClick={() => void copy(mm)}>
          {left}
        </Button>
        <Button disabled={copying} onClick={() => void copy(-mm)}>
          {right}
        </Button>
      </div>
      <ThroughLens written={string} />
    </>
  );
}

/** What its figures say, and how it is drawn. */
function KindAndStyle({ string }: { readonly string: DimensionString }) {
  const { store, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const styles = elementsOf({ elements }, "stringStyle");
  const revise = (part: Partial<DimensionString>) =>
    void sync.revise({ ...string, ...part, type: "dimensionString" });
  return (
    <>
      <Row label="Figures say">
        <Choice
          value={string.kind}
          options={[
            ["CHAINED", "how long each part is"],
            ["RUNNING", "how far from the first"],
          ]}
          onChange={(kind) => revise({ kind })}
        />
      </Row>
      <Row label="Style">
        <Choice
          value={string.styled.type === "inStyle" ? string.styled.style : ""}
          options={[["", "as its lens asks"], ...styles.map((s) => [s.id, s.name] as const)]}
          onChange={(style) =>
            revise({ styled: style === "" ? { type: "asLens" } : { type: "inStyle", style } })
          }
        />
      </Row>
      <button
        type="button"
        className="pb-1 text-verdigris underline"
        onClick={() => store.setState({ dialog: "stringStyles" })}
      >
        Change styles
      </button>
    </>
  );
}

/** What lies to the left and to the right of the way a string measures, as it is seen. */
function sides({ direction: [x, y] }: DimensionString): readonly [string, string] {
  if (Math.abs(x) >= Math.abs(y)) return x > 0 ? ["Above", "Below"] : ["Below", "Above"];
  return y > 0 ? ["To the left", "To the right"] : ["To the right", "To the left"];
}

/** Several strings made one. */
export function JoinStrings() {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const selection = useBoard((s) => s.selection);
  const strings = selection.filter((id) => elements.get(id)?.type === "dimensionString");
  if (strings.length < 2) return null;
  return (
    <Button className="my-1" onClick={() => void sync.edit(joiningStrings(strings))}>
      Join {strings.length} strings
    </Button>
  );
}
