import type { Pick } from "../../api/types";
import type { Caught } from "../near";
import type { ModelPoint } from "../view";

export function pickOf(caught: Caught): Pick {
  return { at: [caught.at.x, caught.at.y], hold: caught.caught.hold };
}

export function bare(at: ModelPoint): Pick {
  return { at: [at.x, at.y], hold: { type: "atPoint", at: [at.x, at.y] } };
}

export function ahead(from: ModelPoint, direction: ModelPoint, reach: number): ModelPoint {
  return { x: clean(from.x + direction.x * reach), y: clean(from.y + direction.y * reach) };
}

/** Without the dust of sines and cosines: to a millionth of a millimetre. */
function clean(mm: number): number {
  return Math.round(mm * 1e6) / 1e6;
}

export function pointOf(pick: Pick): ModelPoint {
  return { x: pick.at[0], y: pick.at[1] };
}
