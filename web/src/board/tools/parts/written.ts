import type { Edit, Picked } from "../../../api/types";
import { layerOf } from "../../state/layers";
import { type BoardState, drawingShown } from "../../state/state";
import { lettersChosen } from "../../state/usual";
import type { ModelPoint } from "../../state/view";

/** The edit that writes what is typed at a place; null where nothing is. @param pointsAt what it speaks of */
export function writing(state: BoardState, at: ModelPoint, pointsAt: readonly Picked[]): Edit | null {
  const drawing = drawingShown(state);
  if (!drawing || state.entry.trim() === "") return null;
  const { widthMm, shape, tip } = state.making.note;
  return {
    type: "placeNote",
    drawing: drawing.id,
    layer: layerOf(state, "note"),
    at: [at.x, at.y],
    text: state.entry.replaceAll("\\n", "\n"),
    style: lettersChosen(state),
    widthMm: widthMm ?? 0,
    shape,
    tip,
    pointsAt: [...pointsAt],
  };
}
