import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { NewBlank } from "../making/OutlineWay";
import { layerOf } from "../state/layers";
import { drawingShown } from "../state/state";
import { closeOutline, outlineWords, ringOf, takeCorner } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface BlankTool {
  readonly name: "blank";
  readonly picks: readonly Pick[];
}

const fresh: BlankTool = { name: "blank", picks: [] };

/** Hides a part of one drawing. */
export const blank: ToolOf<BlankTool> = {
  name: "blank",
  words: "Blank",
  makes: "blank",
  also: "hide cover mask white out",
  fresh,
  aims: true,
  anywhere: true,
  prompt: (state, { picks }) => ["Blank.", outlineWords(state.making.outlineWay, picks.length)],
  edit: (state, { picks }) => {
    const drawing = drawingShown(state);
    const ring = ringOf(state, picks, state.making.outlineWay === "RECTANGLE");
    return drawing && ring
      ? { type: "drawBlank", drawing: drawing.id, layer: layerOf(state, "blank"), ring }
      : null;
  },
  take: (hands, tool) => takeCorner(hands, tool, fresh, hands.state.making.outlineWay),
  end: (hands, { picks }) => closeOutline(hands, picks, fresh),
  back: (tool) => (tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) }),
  from: ({ picks }) => picks.map(pointOf)[picks.length - 1],
  picked: ({ picks }) => picks.map(pointOf),
  line: ({ picks }, pointer) => [...picks.map(pointOf), ...(pointer ? [pointer] : [])],
  Facts: NewBlank,
};
