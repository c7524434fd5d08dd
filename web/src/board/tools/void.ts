import type { Pick } from "../../api/types";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewVoid } from "../things/FloorFacts";
import { outlined, outlineWords, outlining } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Void {
  readonly name: "void";
  readonly picks: readonly Pick[];
}

const fresh: Void = { name: "void", picks: [] };

/** A void through the floors of a storey. */
export const voidThrough: ToolOf<Void> = {
  ...outlining(fresh),
  name: "void",
  words: "Void",
  makes: "floorVoid",
  key: "O",
  also: "opening in floor shaft stairwell",
  prompt: (state, { picks }) => ["Void.", outlineWords(state.making.outlineWay, picks.length)],
  edit: (state, tool) => {
    const storey = planShown(state)?.storey;
    const ring = outlined(state, tool);
    return storey && ring ? { type: "drawVoid", storey, layer: layerOf(state, "floorVoid"), ring } : null;
  },
  Facts: NewVoid,
};
