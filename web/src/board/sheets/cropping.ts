import type { Sheet } from "../../api/types";
import type { ModelPoint } from "../state/view";
import { quarterTurned } from "./fitting";

type Placed = Sheet["drawings"][number];

/** Millimetres of the house: what is smaller is no part of a drawing. */
const LEAST_MM = 100;

/** Where a point of a sheet lies in a drawing that stands there. @param scale of the drawing */
export function inDrawing(
  point: ModelPoint,
  { anchor, at, quarters }: Placed,
  scale: number,
): [number, number] {
  const [x, y] = quarterTurned([point.x - at[0], point.y - at[1]], -quarters);
  return [anchor[0] + x * scale, anchor[1] + y * scale];
}

/** The ring through points of a sheet, in the drawing's own millimetres; null where it is too small to be a part. */
export function ringOf(
  corners: readonly ModelPoint[],
  placed: Placed,
  scale: number,
): [number, number][] | null {
  const ring = corners.map((c) => inDrawing(c, placed, scale));
  const wide = (along: 0 | 1) =>
    Math.max(...ring.map((p) => p[along])) - Math.min(...ring.map((p) => p[along]));
  return wide(0) < LEAST_MM || wide(1) < LEAST_MM ? null : ring;
}

/** The rectangle that some points of a sheet reach across, likewise. */
export function rectangleOf(
  corners: readonly ModelPoint[],
  placed: Placed,
  scale: number,
): [number, number][] | null {
  const ring = ringOf(corners, placed, scale);
  if (!ring) return null;
  const [xs, ys] = [ring.map((p) => p[0]), ring.map((p) => p[1])];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  return [
    [left, low],
    [right, low],
    [right, high],
    [left, high],
  ];
}

/** The sheet with another part of a drawing on it. */
export function shownAs(sheet: Sheet, drawing: string, crop: Placed["crop"]): Sheet {
  return { ...sheet, drawings: sheet.drawings.map((p) => (p.drawing === drawing ? { ...p, crop } : p)) };
}
