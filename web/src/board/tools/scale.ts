import { caughtNow, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";
import { select } from "./select";
import type { ToolOf } from "./ToolOf";

export interface Scale {
  readonly name: "scale";
  readonly tracing: string;
  readonly points: readonly ModelPoint[];
}

/** A picture to trace from, scaled so that two points of it lie a typed distance apart. */
export const scale: ToolOf<Scale> = {
  name: "scale",
  words: "Scale the picture",
  aims: true,
  leavesPanel: true,
  prompt: (_, { points }) =>
    points.length < 2
      ? ["Scale the picture.", `Click the ${points.length === 0 ? "first" : "second"} of two points on it.`]
      : ["Scale the picture.", "Type how far apart they are, and press Enter."],
  edit: (state, { tracing, points: [from, to] }) => {
    const distanceMm = typedMm(state);
    if (!from || !to || distanceMm === undefined) return null;
    return { type: "scaleTracing", tracing, from: [from.x, from.y], to: [to.x, to.y], distanceMm };
  },
  /** Points are where the pointer is; what it would hold to counts where it caught something. */
  take: async (hands, tool, pointer) => {
    if (tool.points.length >= 2) await hands.make(select.fresh);
    else hands.go({ ...tool, points: [...tool.points, caughtNow(hands.state)?.at ?? pointer] });
  },
  back: (tool) => (tool.points.length === 0 ? null : { ...tool, points: tool.points.slice(0, -1) }),
  from: ({ points }) => points[points.length - 1],
  picked: ({ points }) => points,
};
