import type { LayFootings } from "../../api/types";
import { layerOf } from "../state/layers";
import { type BoardState, planShown } from "../state/state";
import { NewFooting, risingOf } from "../things/FootingFacts";
import type { ToolOf } from "./ToolOf";

export interface FootingTool {
  readonly name: "footing";
}

const fresh: FootingTool = { name: "footing" };

/** A foundation under the walls round the pointer, or under the wall or the post pointed at. */
export const footing: ToolOf<FootingTool> = {
  name: "footing",
  words: "Foundation",
  makes: "footing",
  also: "footing strip pad concrete stem base",
  fresh,
  startsOn: (thing) => (thing.type === "wall" || thing.type === "post" ? fresh : null),
  prompt: ({ making }) => [
    "Foundation.",
    making.footing.way === "SHELL"
      ? "Click inside the outside walls it is to carry."
      : "Click a wall or a post to lay one under it.",
  ],
  edit: (state) => {
    const under = underPointer(state);
    const storey = planShown(state)?.storey;
    if (!under || !storey) return null;
    const { widthMm, depthMm, belowMm, material } = state.making.footing;
    return {
      type: "layFootings",
      storey,
      layer: layerOf(state, "footing"),
      under: [under],
      widthMm,
      depthMm,
      undersideMm: -belowMm,
      material,
      rising: risingOf(state.making.footing),
    };
  },
  take: async (hands) => void (await hands.make(fresh)),
  Facts: NewFooting,
};

function underPointer(state: BoardState): LayFootings["under"][number] | null {
  const { pointer, making, nearby, view, elements } = state;
  if (!pointer) return null;
  if (making.footing.way === "SHELL") return { type: "underShell", seed: [pointer.x, pointer.y] };
  for (const id of nearby.elementsAt(pointer, 8 / view.zoom)) {
    const type = elements.get(id)?.type;
    if (type === "wall") return { type: "underWall", wall: id };
    if (type === "post") return { type: "underPost", post: id };
  }
  return null;
}
