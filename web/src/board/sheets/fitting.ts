import type { ElementOf, Footprint, Sheet } from "../../api/types";
import { paperOf } from "../state/papers";
import { type BoardState, elementOf } from "../state/state";
import type { Box, ModelPoint } from "../state/view";

type Point = readonly [number, number];

/** Millimetres of paper between drawings, and from the frame to them, as they are laid out. */
export const GAP_MM = 8;
const MARGIN_MM = 4;
/** How far round its middle a drawing that stands at the same place on another sheet is caught, in gaps. */
const NEAR = 1e-6;

/** A drawing as it would lie on a sheet. */
export interface Fit {
  /** Where its anchor lies. */
  readonly at: Point;
  readonly box: Box;
  /** Lines that it has come to, across the sheet where x is given, up it where y is. */
  readonly lines: readonly ({ readonly x: number } | { readonly y: number })[];
  /** Why it cannot stand there; empty where it can. */
  readonly fault: string;
}

/** What a drawing is placed among. */
export interface Among {
  /** What there is to draw on, and the same as its frame. */
  readonly outline: readonly Point[];
  readonly others: readonly { readonly name: string; readonly box: Box }[];
  /** Where its anchor would lie as on other sheets. */
  readonly same: readonly Point[];
}

/** Where a drawing comes to lie with its middle near the pointer. @param reach how far off lines are caught */
export function fitted(pointer: ModelPoint, foot: Footprint, among: Among, reach: number): Fit {
  const frame = boxOf(among.outline);
  const { box } = foot;
  const middle = { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 };
  const free = { x: pointer.x - middle.x, y: pointer.y - middle.y };
  const across = (lines: readonly Place[]) => nearest(free.x, lines, reach);
  const up = (lines: readonly Place[]) => nearest(free.y, lines, reach);
  const same = among.same.find(
    ([x, y]) => Math.abs(x - free.x) < reach * 2 && Math.abs(y - free.y) < reach * 2,
  );
  const x = same
    ? { at: same[0], line: same[0] }
    : across([
        { at: frame.minX + MARGIN_MM - box.minX, line: frame.minX + MARGIN_MM },
        { at: frame.maxX - MARGIN_MM - box.maxX, line: frame.maxX - MARGIN_MM },
        ...among.others.flatMap(({ box: o }) => along(o.minX, o.maxX, box.minX, box.maxX)),
        ...among.same.map(([sx]) => ({ at: sx, line: sx })),
      ]);
  const y = same
    ? { at: same[1], line: same[1] }
    : up([
        { at: frame.minY + MARGIN_MM - box.minY, line: frame.minY + MARGIN_MM },
        { at: frame.maxY - MARGIN_MM - box.maxY, line: frame.maxY - MARGIN_MM },
        ...among.others.flatMap(({ box: o }) => along(o.minY, o.maxY, box.minY, box.maxY)),
        ...among.same.map(([, sy]) => ({ at: sy, line: sy })),
      ]);
  const at: Point = [x?.at ?? free.x, y?.at ?? free.y];
  const there = shifted(box, at);
  return {
    at,
    box: there,
    lines: [...(x ? [{ x: x.line }] : []), ...(y ? [{ y: y.line }] : [])],
    fault: faultAt(there, among),
  };
}

interface Place {
  readonly at: number;
  readonly line: number;
}

/** Edges and middles in line with another's, and beside it at the usual gap. */
function along(otherLow: number, otherHigh: number, low: number, high: number): Place[] {
  return [
    { at: otherLow - low, line: otherLow },
    { at: otherHigh - high, line: otherHigh },
    { at: (otherLow + otherHigh - low - high) / 2, line: (otherLow + otherHigh) / 2 },
    { at: otherHigh + GAP_MM - low, line: otherHigh + GAP_MM },
    { at: otherLow - GAP_MM - high, line: otherLow - GAP_MM },
  ];
}

function nearest(free: number, places: readonly Place[], reach: number): Place | null {
  let best: Place | null = null;
  for (const p of places)
    if (Math.abs(p.at - free) <= (best ? Math.abs(best.at - free) - NEAR : reach)) best = p;
  return best;
}

export function shifted(box: Box, [x, y]: Point): Box {
  return { minX: box.minX + x, minY: box.minY + y, maxX: box.maxX + x, maxY: box.maxY + y };
}

/** Why something cannot stand there; empty where it can. */
export function faultAt(box: Box, { outline, others }: Among): string {
  const lies = others.find((o) => meet(box, o.box));
  if (lies) return `There it lies on ${lies.name}.`;
  return holds(outline, box) ? "" : "There it stands off the drawing area.";
}

function meet(a: Box, b: Box): boolean {
  return a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY;
}

/** The outline is a rectangle with the title block cut out of its lower right corner. */
function holds(outline: readonly Point[], box: Box): boolean {
  const frame = boxOf(outline);
  const [left, top] = outline[2] ?? [frame.maxX, frame.minY];
  const within =
    box.minX >= frame.minX && box.maxX <= frame.maxX && box.minY >= frame.minY && box.maxY <= frame.maxY;
  return within && (box.maxX <= left || box.minY >= top);
}

/** Turned by so many quarters of a turn about the origin, counter-clockwise. */
export function quarterTurned([x, y]: Point, quarters: number): Point {
  const turns: readonly Point[] = [
    [x, y],
    [-y, x],
    [-x, -y],
    [y, -x],
  ];
  return turns[((quarters % 4) + 4) % 4] ?? [x, y];
}

function boxOf(outline: readonly Point[]): Box {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  return { minX: Math.min(...xs), minY: Math.min(...ys), maxX: Math.max(...xs), maxY: Math.max(...ys) };
}

/** What there is to draw on of a sheet: its frame without the title block, which is no larger than that. */
export function outlineOf(
  sheet: Pick<Sheet, "paper">,
  state: Pick<BoardState, "papers" | "elements">,
): readonly Point[] {
  const frame = paperOf(state, sheet.paper)?.frame;
  const block = elementOf(state, "titleBlock", elementOf(state, "settings", "settings")?.titleBlock);
  if (!frame) return [];
  const { minX, minY, maxX, maxY } = frame;
  const [wide, high] = sizeOfBlock(frame, block);
  const [left, top] = [maxX - wide, minY + high];
  if (top >= maxY) return rectangle({ minX, minY, maxX: left, maxY });
  if (left <= minX) return rectangle({ minX, minY: top, maxX, maxY });
  return [
    [minX, minY],
    [left, minY],
    [left, top],
    [maxX, top],
    [maxX, maxY],
    [minX, maxY],
  ];
}

/** How wide and how high a title block is within a frame, which it is no larger than. */
export function sizeOfBlock(
  { minX, minY, maxX, maxY }: Box,
  block: Pick<ElementOf<"titleBlock">, "place" | "widthMm" | "heightMm"> | undefined,
): Point {
  const [across, up] = [maxX - minX, maxY - minY];
  return [
    block?.place === "FOOT" ? across : Math.min(block?.widthMm ?? 0, across),
    block?.place === "RIGHT_EDGE" ? up : Math.min(block?.heightMm ?? 0, up),
  ];
}

function rectangle({ minX, minY, maxX, maxY }: Box): readonly Point[] {
  return [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ];
}
