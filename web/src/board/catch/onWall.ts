import type { Catch, End, Placing } from "../../api/types";
import { type BoardState, elementOf, faceOf, measuredLine, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";
import { distance, footOn } from "./near";

/** The end of a wall nearer to the pointer. */
export function nearerEnd(state: BoardState, wall: string): End {
  const { pointer } = state;
  if (!pointer) return "START";
  const { s, length } = alongLine(measuredLine(state, wall), pointer);
  return s <= length / 2 ? "START" : "END";
}

/** Where in a wall a piece of a width lies: at the pointer, or at the typed distance from the nearer end. */
export function placingAt(state: BoardState, wall: string, widthMm: number): Placing | null {
  const { pointer } = state;
  if (!pointer) return null;
  const { s, length } = alongLine(measuredLine(state, wall), pointer);
  if (length === 0) return null;
  const end = s <= length / 2 ? "START" : "END";
  const byPointer = Math.round((end === "START" ? s : length - s) - widthMm / 2);
  return {
    type: "off",
    stop: { type: "wallsEnd", end, line: "SET_OUT" },
    to: "NEAR",
    distanceMm: typedMm(state) ?? byPointer,
  };
}

/** How far along a line of segments the foot of a point lies, and how long the line is. */
export function alongLine(line: readonly Catch[], point: ModelPoint): { s: number; length: number } {
  let nearest = Number.POSITIVE_INFINITY;
  let s = 0;
  let length = 0;
  for (const { from, to } of line) {
    const foot = footOn(from, to, point);
    const off = distance(foot, point);
    if (off < nearest) {
      nearest = off;
      s = length + Math.hypot(foot.x - from[0], foot.y - from[1]);
    }
    length += Math.hypot(to[0] - from[0], to[1] - from[1]);
  }
  return { s, length };
}

/** The side of a wall on which the pointer lies. */
export function sideOfPointer(state: BoardState, wall: string): "LEFT" | "RIGHT" {
  const { pointer } = state;
  const outer = faceOf(state, wall, 0);
  const inner = faceOf(state, wall, buildUpOf(state, wall)?.plies.length ?? 0);
  if (!pointer) return "LEFT";
  const at = nearestOf(outer, pointer);
  const one = outer[at];
  const two = inner[Math.min(at, inner.length - 1)];
  if (!one || !two) return "LEFT";
  const x = (one.from[0] + two.from[0]) / 2;
  const y = (one.from[1] + two.from[1]) / 2;
  const turn = (one.to[0] - one.from[0]) * (pointer.y - y) - (one.to[1] - one.from[1]) * (pointer.x - x);
  return turn >= 0 ? "LEFT" : "RIGHT";
}

/** Which of some segments lies nearest to a point. */
function nearestOf(line: readonly Catch[], point: ModelPoint): number {
  const off = line.map(({ from, to }) => distance(footOn(from, to, point), point));
  return off.indexOf(Math.min(...off));
}

function buildUpOf(state: BoardState, wall: string) {
  return elementOf(state, "buildUp", elementOf(state, "wall", wall)?.buildUp);
}

/** @param except a wall that does not count */
export function wallUnderPointer(state: BoardState, except?: string): string | undefined {
  if (!state.pointer) return undefined;
  const reach = 14 / state.view.zoom;
  const isWall = (id: string) => id !== except && state.elements.get(id)?.type === "wall";
  const direct = state.nearby.elementsAt(state.pointer, reach).find(isWall);
  if (direct) return direct;
  const near = state.nearby
    .catchesAt(state.pointer, reach)
    .find((c) => c.caught.hold.type === "onFace" && isWall(c.caught.hold.wall));
  return near?.caught.hold.type === "onFace" ? near.caught.hold.wall : undefined;
}
