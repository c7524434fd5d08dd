import { aimed } from "../catch/aim";
import { MirrorFacts } from "../making/Rearranging";
import type { ModelPoint } from "../state/view";
import { takeFromTo } from "./parts/shift";
import type { ToolOf } from "./ToolOf";

export interface Mirror {
  readonly name: "mirror";
  readonly from: ModelPoint | null;
}

const fresh: Mirror = { name: "mirror", from: null };

/** What is selected is mirrored in a line through two points. */
export const mirror: ToolOf<Mirror> = {
  name: "mirror",
  words: "Mirror",
  key: "X",
  also: "flip hand",
  fresh,
  startsOn: () => fresh,
  aims: true,
  prompt: ({ selection }, { from }) => {
    if (selection.length === 0) return ["Mirror.", "Click the thing to mirror."];
    return ["Mirror.", from ? "Pick a second point of the line." : "Pick a point of the line to mirror in."];
  },
  edit: (state, { from }) => {
    const to = from && aimed(state, from);
    if (!from || !to || state.selection.length === 0) return null;
    if (Math.hypot(to.at[0] - from.x, to.at[1] - from.y) < 1) return null;
    return {
      type: "mirror",
      elements: [...state.selection],
      from: [from.x, from.y],
      to: to.at,
      copy: state.making.leaves,
    };
  },
  take: (hands, tool, pointer) => takeFromTo(hands, tool, fresh, pointer),
  back: (tool) => (tool.from ? fresh : null),
  from: (tool) => tool.from ?? undefined,
  picked: (tool) => (tool.from ? [tool.from] : []),
  Facts: MirrorFacts,
};
