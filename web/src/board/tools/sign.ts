import { SignToMake } from "../making/NewSign";
import { layerOf } from "../state/layers";
import { drawingShown } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface SignTool {
  readonly name: "sign";
}

const fresh: SignTool = { name: "sign" };

/** A north arrow, a level mark, a scale bar or the mark of an elevation, where it is clicked. */
export const sign: ToolOf<SignTool> = {
  name: "sign",
  words: "North, level, elevation",
  makes: "sign",
  also: "arrow height mark bar scale sign side",
  fresh,
  anywhere: true,
  prompt: () => ["North, level, elevation.", "Click where the sign goes."],
  edit: (state) => {
    const drawing = drawingShown(state);
    if (!drawing || !state.pointer) return null;
    return {
      type: "placeSign",
      drawing: drawing.id,
      layer: layerOf(state, "sign"),
      at: [state.pointer.x, state.pointer.y],
      says: state.making.sign,
    };
  },
  take: async (hands) => void (await hands.make(fresh)),
  Facts: SignToMake,
};
