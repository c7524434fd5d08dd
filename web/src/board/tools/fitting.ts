import { layerOf } from "../state/layers";
import { elementOf, measureNow, planShown, typedMm } from "../state/state";
import { NewFitting } from "../things/FittingFacts";
import type { ToolOf } from "./ToolOf";

export interface FittingTool {
  readonly name: "fitting";
}

/** The fitting at the pointer: with its back to the wall near it, or free. */
export const fitting: ToolOf<FittingTool> = {
  name: "fitting",
  words: "Fitting",
  makes: "fitting",
  key: "F",
  also: "sanitary kitchen furniture wc basin bath unit bed symbol",
  fresh: { name: "fitting" },
  along: true,
  prompt: () => [
    "Fitting.",
    "Click where it goes; near a wall it turns its back to it. Type its distance. H mirrors it.",
  ],
  edit: (state) => {
    const { pointer, making } = state;
    const storey = planShown(state)?.storey;
    const { symbol, widthMm, depthMm, mirrored, angle } = making.fitting;
    if (!storey || !pointer || !elementOf(state, "symbol", symbol)) return null;
    const at: [number, number] = [Math.round(pointer.x), Math.round(pointer.y)];
    const mm = typedMm(state);
    return {
      type: "placeFitting",
      storey,
      layer: layerOf(state, "fitting"),
      symbol,
      where: mm === undefined ? { type: "near", at } : { type: "nearAt", at, measure: measureNow(state), mm },
      angle,
      mirrored,
      widthMm,
      depthMm,
    };
  },
  take: async (hands) => void (await hands.make()),
  Facts: NewFitting,
};
