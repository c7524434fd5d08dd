import type { ModelPoint } from "../state/view";
import { shifted, shiftFrom, takeFromTo } from "./parts/shift";
import type { ToolOf } from "./ToolOf";

export interface Move {
  readonly name: "move";
  readonly from: ModelPoint | null;
}

const fresh: Move = { name: "move", from: null };

/** What is selected moves from one point to another. */
export const move: ToolOf<Move> = {
  name: "move",
  words: "Move",
  key: "m",
  also: "shift",
  fresh,
  startsOn: () => fresh,
  anywhere: true,
  aims: true,
  prompt: ({ selection }, { from }) => {
    if (selection.length === 0) return ["Move.", "Click the thing to move."];
    return ["Move.", from ? "Point the way and type how far, or click." : "Pick a point to move from."];
  },
  edit: (state, { from }) => {
    const by = from && shiftFrom(state, from);
    return by && shifted(state, by);
  },
  take: (hands, tool, pointer) => takeFromTo(hands, tool, fresh, pointer),
  back: (tool) => (tool.from ? fresh : null),
  from: (tool) => tool.from ?? undefined,
  picked: (tool) => (tool.from ? [tool.from] : []),
};
