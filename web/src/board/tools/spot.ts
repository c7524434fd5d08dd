import { layerOf } from "../state/layers";
import { NewSpotLevel } from "../things/SpotFacts";
import type { ToolOf } from "./ToolOf";

export interface SpotTool {
  readonly name: "spot";
}

const fresh: SpotTool = { name: "spot" };

/** How high the ground lies at a point; sections and elevations show it. */
export const spot: ToolOf<SpotTool> = {
  name: "spot",
  words: "Level of the ground",
  makes: "spotLevel",
  also: "spot height grade terrain slope existing finished site",
  fresh,
  prompt: () => ["Level of the ground.", "Click where it is known; the levels stand beside."],
  edit: (state) => {
    if (!state.pointer) return null;
    const { existingMm, finishedMm } = state.making.spot;
    return {
      type: "placeSpotLevel",
      layer: layerOf(state, "spotLevel"),
      at: [state.pointer.x, state.pointer.y],
      existingMm,
      finishedMm: finishedMm ?? existingMm,
    };
  },
  take: async (hands) => void (await hands.make(fresh)),
  Facts: NewSpotLevel,
};
