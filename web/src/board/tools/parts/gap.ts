import type { Edit } from "../../../api/types";
import { type BoardState, gapPointedAt, typedMm, wallSelected } from "../../state/state";

/** The gap last pointed at, made what is typed. */
export function gapEdit(state: BoardState): Edit | null {
  const clearMm = typedMm(state);
  const pointed = gapPointedAt(state);
  if (clearMm === undefined || !pointed || !wallSelected(state)) return null;
  return { type: "setGap", gap: pointed.gap, faces: state.faces, clearMm, otherMoves: state.otherMoves };
}

/** The wall that would move if a length were typed now. */
export function moverOf(state: BoardState): string | undefined {
  const pointed = gapPointedAt(state);
  if (!pointed || state.tool.name !== "select" || !wallSelected(state)) return undefined;
  return state.otherMoves ? pointed.gap.other : pointed.gap.wall;
}
