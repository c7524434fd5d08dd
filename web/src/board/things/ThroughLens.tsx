import type { DimensionString, KeyMark, Note, Sign } from "../../api/types";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";

/** Whether a string or note shows in the other plans of its storey through the same lens too. */
export function ThroughLens({ written }: { readonly written: Note | KeyMark | DimensionString | Sign }) {
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
