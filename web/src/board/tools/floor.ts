import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewFloor } from "../things/FloorFacts";
import { closeOutline, outlineWords, ringOf, takeCorner } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Floor {
  readonly name: "floor";
  readonly picks: readonly Pick[];
}

const fresh: Floor = { name: "floor", picks: [] };

/** A floor inside the shell round the pointer, or of the outline picked. */
export const floor: ToolOf<Floor> = {
  name: "floor",
  words: "Floor",
  makes: "floor",
  key: "G",
  also: "slab deck joists",
  fresh,
  aims: true,
  prompt: (state, { picks }) => ["Floor.", outlineWords(state.making.floor.way, picks.length)],
  edit: (state, { picks }) => {
    const storey = planShown(state)?.storey;
    const { buildUp, way, edge, stepMm, span, fall } = state.making.floor;
    if (!storey || !state.pointer) return null;
    const facts = { storey, layer: layerOf(state, "floor"), buildUp, stepMm, span, fall } as const;
    if (way === "SHELL") {
      const seed: [number, number] = [state.pointer.x, state.pointer.y];
      return { type: "drawFloor", ...facts, outline: { type: "insideShell", seed, edge } };
    }
    const ring = ringOf(state, picks, way === "RECTANGLE");
    return ring && { type: "drawFloor", ...facts, outline: { type: "drawn", ring } };
  },
  take: (hands, tool) => takeCorner(hands, tool, fresh, hands.state.making.floor.way),
  end: (hands, { picks }) => closeOutline(hands, picks, fresh),
  back: (tool) => (tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) }),
  from: ({ picks }) => picks.map(pointOf)[picks.length - 1],
  picked: ({ picks }) => picks.map(pointOf),
  line: ({ picks }, pointer) => [...picks.map(pointOf), ...(pointer ? [pointer] : [])],
  Facts: NewFloor,
};
