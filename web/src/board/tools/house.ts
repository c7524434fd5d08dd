import { aimed } from "../catch/aim";
import { pointOf } from "../catch/points";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface House {
  readonly name: "house";
  readonly from: ModelPoint | null;
}

const fresh: House = { name: "house", from: null };

/** The whole house moves on its plot, from one point to another. */
export const house: ToolOf<House> = {
  name: "house",
  words: "Move the whole house",
  also: "shift plot site boundary all storeys",
  fresh,
  aims: true,
  prompt: (_, { from }) => [
    "The whole house.",
    from ? "Point the way and type how far, or click; its plot stays." : "Pick a point of it to move from.",
  ],
  edit: (state, { from }) => {
    const to = from && aimed(state, from);
    return from && to ? { type: "moveHouse", by: [to.at[0] - from.x, to.at[1] - from.y] } : null;
  },
  take: async (hands, tool) => {
    const pick = aimed(hands.state);
    if (tool.from) await hands.make(fresh);
    else if (pick) hands.go({ ...tool, from: pointOf(pick) });
  },
  back: (tool) => (tool.from ? fresh : null),
  from: (tool) => tool.from ?? undefined,
  picked: (tool) => (tool.from ? [tool.from] : []),
};
