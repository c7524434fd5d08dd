import type { Dimension, DimensionString, KeyMark, Note, Sign } from "../../api/types";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";

type Written = Note | KeyMark | DimensionString | Dimension | Sign;

/** Whether what is written shows in the other plans of its storey through the same lens too. */
export function ThroughLens({ written }: { readonly written: Written }) {
  const { sync } = useBoardTools();
  const drawing = useBoard((s) => elementOf(s, "drawing", written.drawing));
  const lens = useBoard((s) => elementOf(s, "lens", drawing?.lens));
  if (drawing?.kind !== "PLAN" || !lens) return null;
  return (
    <label className="flex items-center gap-2 py-1">
      <input
        type="checkbox"
        checked={written.throughLens}
        onChange={() => void sync.revise({ ...written, throughLens: !written.throughLens } as typeof written)}
      />
      In all plans of this storey through the lens {lens.name}
    </label>
  );
}
