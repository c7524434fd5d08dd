import type { Pick } from "../../api/types";
import type { ModelPoint } from "../state/view";
import type { Caught } from "./near";

/** A caught point as it is; on a line that nothing holds to, the point alone. */
export function pickOf({ at, caught }: Caught): Pick {
  return caught.hold.type === "atPoint" ? bare(at) : { at: [at.x, at.y], hold: caught.hold };
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
