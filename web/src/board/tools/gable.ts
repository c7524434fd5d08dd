import type { Edit } from "../../api/types";
import { aimed } from "../catch/aim";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewGable } from "../things/NewGable";
import type { ToolOf } from "./ToolOf";

export interface Gable {
  readonly name: "gable";
}

/** A gable across the slope over the nearest eaves: by its middle and its width. */
export const gable: ToolOf<Gable> = {
  name: "gable",
  words: "Gable across a slope",
  makes: "roof",
  also: "cross gable wing valley",
  fresh: { name: "gable" },
  aims: true,
  prompt: (state) => ["Gable.", state.preview?.refusal ?? "Click at the eaves where its middle goes."],
  edit: (state): Edit | null => {
    const pick = aimed(state);
    const storey = planShown(state)?.storey;
    if (!pick || !storey) return null;
    const { pitch, overhangMm, vergeMm } = state.making.roof;
    const { widthMm, outMm } = state.making.gable;
    const layer = layerOf(state, "roof");
    return { type: "drawCrossGable", storey, layer, at: pick.at, widthMm, outMm, pitch, overhangMm, vergeMm };
  },
  take: async (hands) => void (await hands.make()),
  Facts: NewGable,
};
