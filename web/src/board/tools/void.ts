import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewVoid } from "../things/FloorFacts";
import { closeOutline, outlineWords, ringOf, takeCorner } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Void {
  readonly name: "void";
  readonly picks: readonly Pick[];
}

const fresh: Void = { name: "void", picks: [] };

/** A void through the floors of a storey. */
export const voidThrough: ToolOf<Void> = {
  name: "void",
  words: "Void",
  makes: "floorVoid",
  key: "O",
  also: "opening in floor shaft stairwell",
  fresh,
  aims: true,
  prompt: (state, { picks }) => ["Void.", outlineWords(state.making.outlineWay, picks.length)],
  edit: (state, { picks }) => {
    const storey = planShown(state)?.storey;
    const ring = ringOf(state, picks, state.making.outlineWay === "RECTANGLE");
    return storey && ring ? { type: "drawVoid", storey, layer: layerOf(state, "floorVoid"), ring } : null;
  },
  take: (hands, tool) => takeCorner(hands, tool, fresh, hands.state.making.outlineWay),
  end: (hands, { picks }) => closeOutline(hands, picks, fresh),
  back: (tool) => (tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) }),
  from: ({ picks }) => picks.map(pointOf)[picks.length - 1],
  picked: ({ picks }) => picks.map(pointOf),
  line: ({ picks }, pointer) => [...picks.map(pointOf), ...(pointer ? [pointer] : [])],
  Facts: NewVoid,
};
