import type { Pick } from "../../api/types";
import { aimed, isSamePlace } from "../catch/aim";
import { fromAxes, toAxes } from "../catch/aiming";
import { pointOf } from "../catch/points";
import { RectangleFacts } from "../making/NewWalls";
import { typedMm, typedSecondMm } from "../state/state";
import { newWall } from "./parts/newWall";
import type { ToolOf } from "./ToolOf";

export interface Rectangle {
  readonly name: "rectangle";
  readonly from: Pick | null;
}

const fresh: Rectangle = { name: "rectangle", from: null };

/** Four walls from the first corner to the pointer, or by one or two typed sizes towards the pointer. */
export const rectangle: ToolOf<Rectangle> = {
  name: "rectangle",
  words: "Rectangle of walls",
  makes: "wall",
  key: "e",
  also: "draw footprint room",
  fresh,
  aims: true,
  prompt: (state, tool) =>
    tool.from
      ? [
          "Rectangle of walls.",
          `Point to the other corner; type ${state.offered?.region.examples[2] ?? "3600 x 2700"}, or click.`,
        ]
      : ["Rectangle of walls.", "Pick a corner: of the footprint, or of the room inside."],
  edit: (state, { from }) => {
    const wall = newWall(state);
    const to = from && aimed(state);
    if (!wall || !from) return null;
    const { axes } = state;
    const here = toAxes(pointOf(from), axes);
    const there = to ? toAxes(pointOf(to), axes) : here;
    const x = here.x + sized(typedMm(state), there.x - here.x);
    const y = here.y + sized(typedSecondMm(state), there.y - here.y);
    const opposite = fromAxes({ x, y }, axes);
    if (isSamePlace(opposite, pointOf(from), 1)) return null;
    return {
      type: "drawRectangle",
      wall,
      corner: from.at,
      opposite: [opposite.x, opposite.y],
      radians: axes,
      sizes: state.making.sizes,
    };
  },
  take: async (hands, tool) => {
    const from = aimed(hands.state);
    if (tool.from) await hands.make(fresh);
    else if (from) hands.go({ ...tool, from });
  },
  back: (tool) => (tool.from ? fresh : null),
  picked: (tool) => (tool.from ? [pointOf(tool.from)] : []),
  Facts: RectangleFacts,
};

/** A typed size goes the way the pointer shows. */
function sized(typed: number | undefined, free: number): number {
  if (typed === undefined) return free;
  return free < 0 ? -typed : typed;
}
