import type { PlaceRoofPart } from "../../api/types";
import { aimed } from "../catch/aim";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewRoofPart } from "../things/RoofPartFacts";
import type { ToolOf } from "./ToolOf";

export interface Through {
  readonly name: "through";
}

/** A roof light or a chimney in the roof under the pointer, square to its slope. */
export const through: ToolOf<Through> = {
  name: "through",
  words: "Roof light, chimney",
  makes: "roofPart",
  also: "rooflight skylight stack flue window",
  fresh: { name: "through" },
  aims: true,
  prompt: (state) => [
    state.making.roofPart.kind === "LIGHT" ? "Roof light." : "Chimney.",
    state.preview?.refusal ?? "Click on a roof where its middle goes.",
  ],
  edit: (state): PlaceRoofPart | null => {
    const pick = planShown(state) && aimed(state);
    const { kind, widthMm, lengthMm, frameMm, standsMm, aboveMm, material } = state.making.roofPart;
    if (!pick) return null;
    return {
      type: "placeRoofPart",
      layer: layerOf(state, "roofPart"),
      at: pick.at,
      widthMm,
      lengthMm,
      make:
        kind === "LIGHT" ? { type: "roofLight", frameMm, standsMm } : { type: "stack", aboveMm, material },
    };
  },
  take: async (hands) => void (await hands.make()),
  Facts: NewRoofPart,
};
