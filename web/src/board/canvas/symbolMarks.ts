import type { SymbolMark } from "../../api/types";

export type Point = readonly [number, number];
export type Stroke = "line" | "area" | "rectangle" | "oval" | "arc" | "words" | "point";

/** What the next mark of a symbol is, once enough points were picked; null before. Points are in the symbol's own box. */
export function markOf(stroke: Stroke, points: readonly Point[], words: string): SymbolMark | null {
  const [a, b, c] = points;
  if (!a || stroke === "point") return null;
  if (stroke === "words")
    return words.trim() === "" ? null : { type: "words", at: at(a), text: words, heightMm: 100 };
  if (!b) return null;
  switch (stroke) {
    case "line":
      return { type: "path", points: points.map(at), closed: false };
    case "area":
      return c ? { type: "patch", points: points.map(at) } : null;
    case "rectangle":
      return {
        type: "rounded",
        at: [Math.min(a[0], b[0]), Math.min(a[1], b[1])],
        widthMm: Math.abs(a[0] - b[0]),
        depthMm: Math.abs(a[1] - b[1]),
        radiusMm: 0,
      };
    case "oval":
      return {
        type: "oval",
        centre: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2],
        halfWidthMm: Math.abs(a[0] - b[0]) / 2,
        halfDepthMm: Math.abs(a[1] - b[1]) / 2,
      };
    case "arc":
      return c ? arc(a, b, c) : null;
  }
}

function at(p: Point): [number, number] {
  return [p[0], p[1]];
}

/** From its middle, its start, and the way its end lies; the shorter way round. */
function arc(middle: Point, start: Point, end: Point): SymbolMark {
  const degrees = (p: Point) => (Math.atan2(p[1] - middle[1], p[0] - middle[0]) * 180) / Math.PI;
  const from = degrees(start);
  const turn = (((degrees(end) - from) % 360) + 540) % 360;
  return {
    type: "bow",
    centre: at(middle),
    radiusMm: Math.hypot(start[0] - middle[0], start[1] - middle[1]),
    fromDegrees: from,
    sweepDegrees: turn - 180,
  };
}

/** How many points a stroke takes; null for as many as one likes. */
export function pointsOf(stroke: Stroke): number | null {
  if (stroke === "words" || stroke === "point") return 1;
  if (stroke === "arc") return 3;
  return stroke === "rectangle" || stroke === "oval" ? 2 : null;
}

/** A place on the drawing, held to a grid and within the box. */
export function snapped(p: Point, grid: number, width: number, depth: number): Point {
  const on = (value: number, most: number) => Math.max(0, Math.min(most, Math.round(value / grid) * grid));
  return [on(p[0], width), on(p[1], depth)];
}
