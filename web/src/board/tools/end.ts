import type { End } from "../../api/types";
import { aimed } from "../catch/aim";
import type { ToolOf } from "./ToolOf";

export interface WallEnd {
  readonly name: "end";
  readonly wall: string;
  readonly end: End;
}

/** An end of a wall dragged to what the pointer means. */
export const end: ToolOf<WallEnd> = {
  name: "end",
  words: "Wall end",
  aims: true,
  prompt: () => ["Wall end.", "Let go where it is to be."],
  edit: (state, tool) => {
    const to = aimed(state);
    return to
      ? { type: "moveEnd", wall: tool.wall, end: tool.end, to, reach: state.making.wall.reach }
      : null;
  },
  take: () => {},
};
