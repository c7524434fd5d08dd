import type { Edit } from "../../api/types";
import type { Caught } from "../catch/near";
import { type BoardState, planShown } from "../state/state";
import type { ModelPoint } from "../state/view";

export function stringEdit(state: BoardState, picks: readonly Caught[]): Edit | null {
  const drawing = planShown(state);
  if (!drawing || picks.length < 2 || !state.pointer) return null;
  return {
    type: "drawString",
    drawing: drawing.id,
    layer: "layer-dimensions",
    way: { type: "found" },
    at: [state.pointer.x, state.pointer.y],
    holds: picks.map((p) => p.caught.hold),
  };
}

export function noteEdit(state: BoardState, at: ModelPoint): Edit | null {
  const drawing = planShown(state);
  if (!drawing || state.entry.trim() === "") return null;
  return {
    type: "placeNote",
    drawing: drawing.id,
    layer: "layer-notes",
    at: [at.x, at.y],
    text: state.entry.replaceAll("\\n", "\n"),
    style: state.making.note,
  };
}
