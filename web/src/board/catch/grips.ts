import type { End } from "../../api/types";
import { type BoardState, elementOf, faceOf, planShown, wallSelected } from "../state/state";
import type { ModelPoint } from "../state/view";
import { distance } from "./near";

/** The middles of a wall's two ends as they are seen; undefined where its faces are not drawn. */
export function wallEnds(state: BoardState, wall: string): Readonly<Record<End, ModelPoint>> | undefined {
  if (!planShown(state)) return undefined;
  const plies = elementOf(state, "buildUp", elementOf(state, "wall", wall)?.buildUp)?.plies.length ?? 0;
  const outer = faceOf(state, wall, 0);
  const inner = faceOf(state, wall, plies);
  const [o, i] = [outer[0], inner[0]];
  const [p, q] = [outer[outer.length - 1], inner[inner.length - 1]];
  if (!o || !i || !p || !q) return undefined;
  return { START: middle(o.from, i.from), END: middle(p.to, q.to) };
}

function middle(a: readonly [number, number], b: readonly [number, number]): ModelPoint {
  return { x: (a[0] + b[0]) / 2, y: (a[1] + b[1]) / 2 };
}

/** The end of the one wall selected that lies within reach of a point, to be taken hold of. */
export function gripAt(state: BoardState, p: ModelPoint, reach: number): End | null {
  const wall = wallSelected(state);
  const ends = wall && wallEnds(state, wall.id);
  if (!ends) return null;
  if (distance(ends.START, p) <= reach) return "START";
  return distance(ends.END, p) <= reach ? "END" : null;
}
