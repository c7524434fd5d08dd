import type { Edit, End, NewWall, Pick } from "../../api/types";
import { aimed, isSamePlace, stepOf } from "../catch/aim";
import { fromAxes, toAxes } from "../catch/aiming";
import { footOn } from "../catch/near";
import { pointOf } from "../catch/points";
import {
  type BoardState,
  elementOf,
  faceOf,
  measuredLine,
  planShown,
  type Tool,
  typedMm,
  typedSecondMm,
} from "../state/state";
import type { ModelPoint } from "../state/view";
import { alongLine, sideOfPointer, wallUnderPointer } from "./opening";

/** Nobody means a wall as short as this; the pointer has not left the last point yet. */
const SHORTEST_MM = 10;

type Of<N extends Tool["name"]> = Extract<Tool, { name: N }>;

/** What walls to draw are to be, on the storey shown. */
function newWall(state: BoardState): NewWall | null {
  const storey = planShown(state)?.storey;
  return storey ? { storey, layer: "layer-walls", ...state.making.wall } : null;
}

/** The point a click of the run tool would add. */
export function nextPick(state: BoardState): Pick | undefined {
  if (state.tool.name !== "run") return undefined;
  const last = state.tool.picks[state.tool.picks.length - 1];
  return aimed(state, last && pointOf(last));
}

export function runEdit(state: BoardState, tool: Of<"run">): Edit | null {
  const next = nextPick(state);
  const last = tool.picks[tool.picks.length - 1];
  if (!next || !last) return null;
  const left = typedMm(state) !== undefined || !isSamePlace(pointOf(next), pointOf(last), SHORTEST_MM);
  if (!left) return null;
  return runThrough(state, [...tool.picks, next], closes(state, tool, next));
}

/** Whether the next point is the run's first one. */
export function closes(state: BoardState, tool: Of<"run">, next: { at: readonly number[] }): boolean {
  const first = tool.picks[0];
  if (!first || tool.picks.length < 3) return false;
  const reach = typedMm(state) === undefined ? 12 / state.view.zoom : 0.5;
  return isSamePlace({ x: next.at[0] ?? 0, y: next.at[1] ?? 0 }, pointOf(first), reach);
}

export function runThrough(state: BoardState, picks: readonly Pick[], close: boolean): Edit | null {
  const wall = newWall(state);
  if (!wall || picks.length < 2) return null;
  const kept = close && picks.length > 3 ? picks.slice(0, -1) : picks;
  return { type: "drawWalls", wall, picks: [...kept], close };
}

/** From the first corner to the pointer, or by one or two typed sizes towards the pointer. */
export function rectangleEdit(state: BoardState, from: Pick | null): Edit | null {
  const wall = newWall(state);
  const to = from && aimed(state);
  if (!wall || !from) return null;
  const { axes } = state;
  const here = toAxes(pointOf(from), axes);
  const there = to ? toAxes(pointOf(to), axes) : here;
  const size = (typed: number | undefined, free: number) =>
    typed === undefined ? free : free < 0 ? -typed : typed;
  const opposite = fromAxes(
    {
      x: here.x + size(typedMm(state), there.x - here.x),
      y: here.y + size(typedSecondMm(state), there.y - here.y),
    },
    axes,
  );
  if (isSamePlace(opposite, pointOf(from), 1)) return null;
  return {
    type: "drawRectangle",
    wall,
    corner: from.at,
    opposite: [opposite.x, opposite.y],
    radians: axes,
    sizes: state.making.sizes,
  };
}

/** Beside the wall picked or pointed at, on the pointer's side, at the distance typed or last used or pointed at. */
export function besideEdit(state: BoardState, picked: string | null): Edit | null {
  const wall = newWall(state);
  const beside = picked ?? wallUnderPointer(state);
  if (!wall || !beside || !state.pointer) return null;
  const side = sideOfPointer(state, beside);
  const clearMm = typedMm(state) ?? state.making.besideMm ?? offFace(state, beside);
  return { type: "drawParallel", wall, beside, side, faces: state.faces, clearMm: Math.max(0, clearMm) };
}

/** How far the pointer lies from the nearer face of a wall, in steps that suit the zoom. */
function offFace(state: BoardState, wall: string): number {
  const { pointer } = state;
  const plies = elementOf(state, "buildUp", elementOf(state, "wall", wall)?.buildUp)?.plies.length ?? 0;
  const faces = [...faceOf(state, wall, 0), ...faceOf(state, wall, plies)];
  if (!pointer || faces.length === 0) return 0;
  const off = Math.min(
    ...faces.map(({ from, to }) => {
      const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
      return (
        Math.abs((to[0] - from[0]) * (pointer.y - from[1]) - (to[1] - from[1]) * (pointer.x - from[0])) /
        length
      );
    }),
  );
  const step = stepOf(state);
  return Math.round(off / step) * step;
}

export function reachEdit(state: BoardState, wall: string, end: End): Edit | null {
  const target = wallUnderPointer(state, wall);
  return target ? { type: "runTo", wall, end, target, reach: state.making.wall.reach } : null;
}

/** The end of a wall nearer to the pointer. */
export function nearerEnd(state: BoardState, wall: string): End {
  const { pointer } = state;
  if (!pointer) return "END";
  const { s, length } = alongLine(measuredLine(state, wall), pointer);
  return s <= length / 2 ? "START" : "END";
}

/** A split where the wall is pointed at; with a first place picked, the stretch from there to the pointer. */
export function cutEdit(state: BoardState, tool: Of<"cut">): Edit | null {
  const wall = tool.wall ?? wallUnderPointer(state);
  const at = wall && cutPlace(state, wall, tool.at);
  if (!wall || !at) return null;
  const place: [number, number] = [at.x, at.y];
  return tool.at
    ? { type: "cutOut", wall, from: [tool.at.x, tool.at.y], to: place }
    : { type: "split", wall, at: place };
}

/** The place along a wall the pointer means: what it caught, at the typed distance from the nearer end, or below it. */
export function cutPlace(state: BoardState, wall: string, first: ModelPoint | null): ModelPoint | undefined {
  const line = measuredLine(state, wall);
  const typed = typedMm(state);
  const pointer = aimed(state);
  const start = line[0];
  const end = line[line.length - 1];
  if (!start || !end || !pointer) return undefined;
  const free = footOn(start.from, end.to, pointOf(pointer));
  if (typed === undefined) return free;
  const from = first ?? nearEnd(start.from, end.to, free);
  const way = first ? free : middle(start.from, end.to);
  const length = Math.hypot(way.x - from.x, way.y - from.y) || 1;
  const part = typed / length;
  return { x: from.x + (way.x - from.x) * part, y: from.y + (way.y - from.y) * part };
}

type Point = readonly [number, number];

function nearEnd(a: Point, b: Point, p: ModelPoint): ModelPoint {
  const nearer = Math.hypot(a[0] - p.x, a[1] - p.y) <= Math.hypot(b[0] - p.x, b[1] - p.y) ? a : b;
  return { x: nearer[0], y: nearer[1] };
}

function middle(a: Point, b: Point): ModelPoint {
  return { x: (a[0] + b[0]) / 2, y: (a[1] + b[1]) / 2 };
}

/** An end dragged to what the pointer means. */
export function endEdit(state: BoardState, wall: string, end: End): Edit | null {
  const to = aimed(state);
  return to ? { type: "moveEnd", wall, end, to, reach: state.making.wall.reach } : null;
}
