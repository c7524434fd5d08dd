import type { Corner, Edit, Wall, WallEnd } from "../../api/types";
import { type BoardState, elementOf, typedMm } from "../state/state";

type Point = readonly [number, number];

/** Bends the selected wall: through the pointer, or with a typed radius to the pointer's side. */
export function bendEdit(state: BoardState): Edit | null {
  const { pointer, selection } = state;
  const wall = selection.length === 1 ? elementOf(state, "wall", selection[0]) : undefined;
  const ends = wall && endsOf(state.elements, wall);
  if (!pointer || !wall || !ends) return null;
  const radiusMm = typedMm(state);
  if (radiusMm === undefined)
    return { type: "curveWall", wall: wall.id, shape: { type: "through", point: [pointer.x, pointer.y] } };
  const [from, to] = ends;
  const turn = (to[0] - from[0]) * (pointer.y - from[1]) - (to[1] - from[1]) * (pointer.x - from[0]);
  const bowsTo = turn >= 0 ? "LEFT" : "RIGHT";
  return { type: "curveWall", wall: wall.id, shape: { type: "radius", radiusMm, bowsTo } };
}

/** The stored points of a wall's ends. */
export function endsOf(elements: BoardState["elements"], wall: Wall): readonly [Point, Point] | undefined {
  const start = pointOf(elements, wall.start);
  const end = pointOf(elements, wall.end);
  return start && end ? [start, end] : undefined;
}

function pointOf(elements: BoardState["elements"], end: WallEnd): Point | undefined {
  if (end.type === "onSide") return end.at;
  const corner: Corner | undefined = elementOf({ elements }, "corner", end.corner);
  return corner?.at;
}
