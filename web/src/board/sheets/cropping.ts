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

/** The rectangle between two points of a sheet, in the drawing's own millimetres; null where it is too small to be a part. */
export function rectangleOf(
  one: ModelPoint,
  other: ModelPoint,
  placed: Placed,
  scale: number,
): [number, number][] | null {
  const [ax, ay] = inDrawing(one, placed, scale);
  const [bx, by] = inDrawing(other, placed, scale);
  const [left, right] = [Math.min(ax, bx), Math.max(ax, bx)];
  const [low, high] = [Math.min(ay, by), Math.max(ay, by)];
  if (right - left < LEAST_MM || high - low < LEAST_MM) return null;
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
