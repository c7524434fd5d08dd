import type { PlaceRoofPart } from "../../api/types";
import { aimed } from "../catch/aim";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewRoofPart } from "../things/RoofPartFacts";
import { makeOf, nounOf } from "../things/roofPartMake";
import type { ToolOf } from "./ToolOf";

export interface Through {
  readonly name: "through";
}

const WHERE = {
  LIGHT: "Click on a roof where its middle goes.",
  STACK: "Click on a roof where its middle goes.",
  DORMER: "Click on a roof where the middle of its front goes.",
  OUTLET: "Click on a roof at the low edge of a slope behind a parapet.",
  DOWNPIPE: "Click near the eaves it drains; it stands before the wall there.",
} as const;

/** A roof light, a chimney or a dormer in the roof under the pointer, square to its slope, an outlet, or a downpipe under its gutter. */
export const through: ToolOf<Through> = {
  name: "through",
  words: "Roof light, chimney, dormer, drain",
  makes: "roofPart",
  also: "rooflight skylight stack flue window gablet shed rainwater downpipe pipe leader outlet",
  fresh: { name: "through" },
  aims: true,
  prompt: (state) => [
    `${nounOf(state.making.roofPart.kind)}.`,
    state.preview?.refusal ?? WHERE[state.making.roofPart.kind],
  ],
  edit: (state): PlaceRoofPart | null => {
    const pick = planShown(state) && aimed(state);
    const { roofPart } = state.making;
    if (!pick) return null;
    return {
      type: "placeRoofPart",
      layer: layerOf(state, "roofPart"),
      at: pick.at,
      widthMm: roofPart.widthMm,
      lengthMm: roofPart.lengthMm,
      make: makeOf(roofPart),
    };
  },
  take: async (hands) => void (await hands.make()),
  Facts: NewRoofPart,
};
