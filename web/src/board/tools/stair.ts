import type { Pick } from "../../api/types";
import { aimed, isSamePlace } from "../catch/aim";
import { pointOf } from "../catch/points";
import { NewStair } from "../making/NewStair";
import { typedMm } from "../state/state";
import { drawStair } from "./parts/stairs";
import type { ToolOf } from "./ToolOf";

export interface Stair {
  readonly name: "stair";
  readonly from: Pick | null;
}

const fresh: Stair = { name: "stair", from: null };

/** A stair from the point picked, up the way the pointer shows; what is typed is its width. */
export const stair: ToolOf<Stair> = {
  name: "stair",
  words: "Stair",
  makes: "stair",
  key: "S",
  also: "flight winders spiral steps up",
  fresh,
  aims: true,
  prompt: (_, { from }) =>
    from
      ? ["Stair.", "Point the way up; type its width, or click."]
      : ["Stair.", "Click where the left end of its first riser goes, as seen going up."],
  edit: (state, { from }) => {
    if (!from || !state.pointer) return null;
    const start = pointOf(from);
    const to = aimed({ ...state, entry: "" }, start);
    if (!to || isSamePlace(pointOf(to), start, 1)) return null;
    const angle = Math.atan2(to.at[1] - start.y, to.at[0] - start.x);
    return drawStair(state, start, angle, typedMm(state) ?? state.making.stair.widthMm);
  },
  take: async (hands, tool) => {
    const from = aimed(hands.state);
    if (tool.from) await hands.make(fresh);
    else if (from) hands.go({ name: "stair", from });
  },
  back: (tool) => (tool.from ? fresh : null),
  from: ({ from }) => (from ? pointOf(from) : undefined),
  picked: ({ from }) => (from ? [pointOf(from)] : []),
  Facts: NewStair,
};
