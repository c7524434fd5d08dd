import type { Edit } from "../../api/types";
import type { Caught } from "../near";
import { type BoardState, planShown } from "../state";
import type { ModelPoint } from "../view";

export function stringEdit(state: BoardState, picks: readonly Caught[]): Edit | null {
  const drawing = planShown(state);
  const first = picks[0];
  if (!drawing || !first || picks.length < 2 || !state.pointer) return null;
  return {
    type: "drawString",
    drawing: drawing.id,
    layer: "layer-dimensions",
    direction: measuredDirection(first, picks, state.pointer),
    at: [state.pointer.x, state.pointer.y],
    holds: picks.map((p) => p.caught.hold),
  };
}

/** Square to the first face picked; from corner to corner, along the axis that the pointer lies off. */
function measuredDirection(first: Caught, picks: readonly Caught[], pointer: ModelPoint): [number, number] {
  const line = picks.find(
    (p) => p.caught.from[0] !== p.caught.to[0] || p.caught.from[1] !== p.caught.to[1],
  )?.caught;
  if (line) {
    const dx = line.to[0] - line.from[0];
    const dy = line.to[1] - line.from[1];
    const length = Math.hypot(dx, dy);
    const across: [number, number] = [dy / length, -dx / length];
    return across[0] < -1e-9 || (Math.abs(across[0]) <= 1e-9 && across[1] < 0)
      ? [-across[0] + 0, -across[1] + 0]
      : [across[0] + 0, across[1] + 0];
  }
  return Math.abs(pointer.y - first.at.y) >= Math.abs(pointer.x - first.at.x) ? [1, 0] : [0, 1];
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
