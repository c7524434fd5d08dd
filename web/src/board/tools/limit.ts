import type { Pick } from "../../api/types";
import { aimed } from "../catch/aim";
import { pointOf } from "../catch/points";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { NewRoom } from "../things/RoomFacts";
import type { ToolOf } from "./ToolOf";

export interface Limit {
  readonly name: "limit";
  readonly from: Pick | null;
}

const fresh: Limit = { name: "limit", from: null };

/** A line that parts rooms, from the point picked to the pointer. */
export const limit: ToolOf<Limit> = {
  name: "limit",
  words: "Room limit",
  makes: "roomLimit",
  key: "B",
  also: "part rooms boundary",
  fresh,
  aims: true,
  areas: true,
  prompt: (_, { from }) => [
    "Room limit.",
    from ? "Click where it ends." : "Click where it starts, at a wall.",
  ],
  edit: (state, { from }) => {
    const storey = planShown(state)?.storey;
    const to = from && aimed(state, pointOf(from));
    if (!storey || !from || !to) return null;
    return { type: "drawRoomLimit", storey, layer: layerOf(state, "roomLimit"), from: from.at, to: to.at };
  },
  take: async (hands, tool) => {
    const from = aimed(hands.state);
    if (tool.from) await hands.make(fresh);
    else if (from) hands.go({ name: "limit", from });
  },
  back: (tool) => (tool.from ? fresh : null),
  from: ({ from }) => (from ? pointOf(from) : undefined),
  picked: ({ from }) => (from ? [pointOf(from)] : []),
  Facts: NewRoom,
};
