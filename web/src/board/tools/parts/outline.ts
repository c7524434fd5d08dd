import type { Pick } from "../../../api/types";
import { aimed, isSamePlace } from "../../catch/aim";
import { fromAxes, toAxes } from "../../catch/aiming";
import { pointOf } from "../../catch/points";
import type { BoardState, Tool } from "../../state/state";
import type { ModelPoint } from "../../state/view";
import type { Hands } from "../ToolOf";

export type Ring = [number, number][];

/** How an outline is drawn. */
export type Way = "SHELL" | "RECTANGLE" | "OUTLINE";

/** Pixels: how near to the first corner a click closes an outline. */
const CLOSES_PX = 12;

/** How an outline is picked. */
export function outlineWords(way: Way, picked: number): string {
  if (way === "SHELL") return "Click inside the shell it is to fill.";
  if (way === "RECTANGLE") return picked === 0 ? "Click a corner of it." : "Click the opposite corner.";
  return picked < 3
    ? "Click its corners one after another."
    : "Go on; click the first corner, or press Enter, to close.";
}

/** The point a click would add to an outline or a line. */
export function nextPoint(state: BoardState, picks: readonly Pick[]): Pick | undefined {
  const last = picks[picks.length - 1];
  return aimed(state, last && pointOf(last));
}

/** A ring through what was picked and the pointer; of two picks of a rectangle, its corners. */
export function ringOf(state: BoardState, picks: readonly Pick[], rectangle: boolean): Ring | null {
  if (rectangle) {
    const [from] = picks;
    const to = from && aimed(state);
    return from && to ? rectangleRing(pointOf(from), pointOf(to), state.axes) : null;
  }
  const next = nextPoint(state, picks);
  const all = next && !closesRing(state, picks, next) ? [...picks, next] : picks;
  return all.length >= 3 ? all.map((p): [number, number] => [p.at[0], p.at[1]]) : null;
}

export function rectangleRing(from: ModelPoint, to: ModelPoint, axes: number): Ring | null {
  const a = toAxes(from, axes);
  const b = toAxes(to, axes);
  if (Math.abs(a.x - b.x) < 1 || Math.abs(a.y - b.y) < 1) return null;
  const corners = [a, { x: b.x, y: a.y }, b, { x: a.x, y: b.y }].map((p) => fromAxes(p, axes));
  return corners.map((p): [number, number] => [p.x, p.y]);
}

/** A click: one inside a shell, two for a rectangle, as many as it has corners for an outline. */
export async function takeCorner(
  hands: Hands,
  tool: Extract<Tool, { name: "floor" | "void" | "roof" | "part" | "blank" | "cloud" }>,
  fresh: Tool,
  way: Way,
): Promise<void> {
  const next = nextPoint(hands.state, way === "OUTLINE" ? tool.picks : []);
  if (!next) return;
  const done =
    way === "SHELL" ||
    (way === "RECTANGLE" && tool.picks.length === 1) ||
    (way === "OUTLINE" && closesRing(hands.state, tool.picks, next));
  if (done) await hands.make(fresh);
  else hands.go({ ...tool, picks: [...tool.picks, next] });
}

/** Enter closes an outline where it is. */
export async function closeOutline(hands: Hands, picks: readonly Pick[], fresh: Tool): Promise<void> {
  const [first] = picks;
  if (!first || picks.length < 3) return;
  hands.set({ pointer: pointOf(first), caughts: [] });
  await hands.make(fresh);
}

/** Whether the next point closes an outline. */
export function closesRing(state: BoardState, picks: readonly Pick[], next: Pick): boolean {
  const first = picks[0];
  return first !== undefined && picks.length >= 3 && closesAt(state, pointOf(first), pointOf(next));
}

/** Whether a point is as good as the first corner. */
export function closesAt(state: BoardState, first: ModelPoint, next: ModelPoint): boolean {
  return isSamePlace(next, first, CLOSES_PX / state.view.zoom);
}

type Outlined = Extract<Tool, { name: "void" | "part" | "blank" | "cloud" }>;

/** What tools share that draw a rectangle or an outline, whichever a person drew last. @param fresh with nothing picked yet */
export function outlining<T extends Outlined>(fresh: T) {
  return {
    fresh,
    aims: true,
    take: (hands: Hands, tool: T) => takeCorner(hands, tool, fresh, hands.state.making.outlineWay),
    end: (hands: Hands, { picks }: T) => closeOutline(hands, picks, fresh),
    back: (tool: T): T | null =>
      tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) },
    from: ({ picks }: T) => picks.map(pointOf)[picks.length - 1],
    picked: ({ picks }: T) => picks.map(pointOf),
    line: ({ picks }: T, pointer: ModelPoint | null) => [
      ...picks.map(pointOf),
      ...(pointer ? [pointer] : []),
    ],
  };
}

/** The ring that such a tool means now. */
export function outlined(state: BoardState, { picks }: Outlined): Ring | null {
  return ringOf(state, picks, state.making.outlineWay === "RECTANGLE");
}
