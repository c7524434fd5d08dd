import { useState } from "react";
import type { DimensionString } from "../../api/types";
import { Button } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { copyingString, joiningStrings } from "../state/revisions";
import { elementOf } from "../state/state";
import { ThroughLens } from "./ThroughLens";

/** On paper: how far apart the tiers of strings stand. */
const TIER_MM = 8;

/** A string is refined point by point, or begun again beside itself. */
export function StringFacts({ string }: { readonly string: DimensionString }) {
  const { store, sync } = useBoardTools();
  const scale = useBoard((s) => elementOf(s, "drawing", string.drawing)?.scale ?? 50);
  const [apart, setApart] = useState<number | null>(null);
  const mm = apart ?? TIER_MM * scale;
  const [left, right] = sides(string);
  const copy = (aside: number) => void sync.edit(copyingString(string.id, aside));
  return (
    <>
      <Button
        main
        className="my-1"
        onClick={() => store.setState({ tool: { name: "points", string: string.id } })}
      >
        Add points, take them out
      </Button>
      <LengthField label="A copy beside it, apart" mm={mm} onChange={setApart} />
      <div className="flex gap-2 pb-1">
        <Button onClick={() => copy(mm)}>{left}</Button>
        <Button onClick={() => copy(-mm)}>{right}</Button>
      </div>
      <ThroughLens written={string} />
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
