import type { NewWall } from "../../../api/types";
import { layerOf } from "../../state/layers";
import { type BoardState, planShown } from "../../state/state";

/** What walls to draw are to be, on the storey shown. */
export function newWall(state: BoardState): NewWall | null {
  const storey = planShown(state)?.storey;
  return storey ? { storey, layer: layerOf(state, "wall"), ...state.making.wall } : null;
}
