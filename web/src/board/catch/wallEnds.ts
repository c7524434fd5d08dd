import type { Corner, Wall, WallEnd } from "../../api/types";
import { type BoardState, elementOf } from "../state/state";

type Point = readonly [number, number];

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
