import type { Pick } from "../../api/types";
import { NewBlank } from "../making/OutlineWay";
import { layerOf } from "../state/layers";
import { drawingShown } from "../state/state";
import { outlined, outlineWords, outlining } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface BlankTool {
  readonly name: "blank";
  readonly picks: readonly Pick[];
}

const fresh: BlankTool = { name: "blank", picks: [] };

/** Hides a part of one drawing. */
export const blank: ToolOf<BlankTool> = {
  ...outlining(fresh),
  name: "blank",
  words: "Blank",
  makes: "blank",
  also: "hide cover mask white out",
  anywhere: true,
  prompt: (state, { picks }) => ["Blank.", outlineWords(state.making.outlineWay, picks.length)],
  edit: (state, tool) => {
    const drawing = drawingShown(state);
    const ring = outlined(state, tool);
    return drawing && ring
      ? { type: "drawBlank", drawing: drawing.id, layer: layerOf(state, "blank"), ring }
      : null;
  },
  Facts: NewBlank,
};
