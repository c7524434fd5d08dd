import type { BoardState } from "../state/state";
import { line, type On, OXIDE } from "./overlayLines";

/** The edge of a roof that is open in the panel. */
export function roofEdge(on: On, { roofSum, roofEdge: open }: BoardState): void {
  const edge = open === null ? undefined : roofSum?.edges[open];
  if (!edge) return;
  const [from, to] = [edge.from, edge.to].map(([x, y]) => on.at({ x, y }));
  if (from && to) line(on, from, to, OXIDE, 3);
}
