import type { End } from "../../api/types";
import { nearerEnd, wallUnderPointer } from "../catch/onWall";
import { elementOf } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface Reach {
  readonly name: "reach";
  readonly wall: string | null;
  readonly end: End;
}

const fresh: Reach = { name: "reach", wall: null, end: "END" };

/** An end of a wall run to another wall, or cut at it. */
export const reach: ToolOf<Reach> = {
  name: "reach",
  words: "Run to a wall",
  key: "r",
  also: "lengthen shorten reach end cut",
  fresh,
  prompt: (state, { wall }) =>
    wall
      ? [
          `Run ${elementOf(state, "wall", wall)?.mark ?? "the wall"} to a wall.`,
          "Point at the wall it is to reach, or to be cut at.",
        ]
      : ["Run to a wall.", "Click the wall near the end that is to go."],
  edit: (state, { wall, end }) => {
    const target = wall ? wallUnderPointer(state, wall) : undefined;
    return wall && target ? { type: "runTo", wall, end, target, reach: state.making.wall.reach } : null;
  },
  take: async (hands, tool) => {
    if (tool.wall) {
      await hands.make(fresh);
      return;
    }
    const wall = wallUnderPointer(hands.state);
    if (!wall) return hands.say("Point at the wall to run, near the end that is to go.");
    hands.set({ selection: [wall] });
    hands.go({ name: "reach", wall, end: nearerEnd(hands.state, wall) });
  },
  back: (tool) => (tool.wall ? fresh : null),
};
