import type { Pick } from "../../api/types";
import { NewCloud } from "../making/OutlineWay";
import { layerOf } from "../state/layers";
import { drawingShown } from "../state/state";
import { outlined, outlineWords, outlining } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface CloudTool {
  readonly name: "cloud";
  readonly picks: readonly Pick[];
}

const fresh: CloudTool = { name: "cloud", picks: [] };

/** Marks what changed in a drawing since it was issued. */
export const cloud: ToolOf<CloudTool> = {
  ...outlining(fresh),
  name: "cloud",
  words: "Revision cloud",
  makes: "cloud",
  also: "change issue triangle",
  anywhere: true,
  prompt: (state, { picks }) => ["Revision cloud.", outlineWords(state.making.outlineWay, picks.length)],
  edit: (state, tool) => {
    const drawing = drawingShown(state);
    const ring = outlined(state, tool);
    const { cloudIssue: issue } = state.making;
    return drawing && ring
      ? { type: "drawCloud", drawing: drawing.id, layer: layerOf(state, "cloud"), ring, issue }
      : null;
  },
  Facts: NewCloud,
};
