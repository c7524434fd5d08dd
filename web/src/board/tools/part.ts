import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { freeName } from "../state/drawings";
import { adding, revision } from "../state/revisions";
import { LARGE } from "../state/scales";
import { elementOf, planShown, unitsOf } from "../state/state";
import { ringOf, takeCorner } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Part {
  readonly name: "part";
  readonly picks: readonly Pick[];
  /** The drawing whose frame is drawn anew; null for a new one. */
  readonly drawing: string | null;
}

const fresh: Part = { name: "part", picks: [], drawing: null };

/** A drawing of a rectangle of the plan shown, at a large scale. */
export const part: ToolOf<Part> = {
  name: "part",
  words: "Part plan",
  key: "Q",
  also: "detail large scale crop frame",
  fresh,
  aims: true,
  prompt: (_, { picks, drawing }) => [
    drawing ? "Its frame." : "Part plan.",
    picks.length === 0 ? "Click a corner of what it shows." : "Click the opposite corner.",
  ],
  edit: (state, { picks, drawing }) => {
    const plan = planShown(state);
    const ring = ringOf(state, picks, true);
    if (!plan || !ring) return null;
    const [xs, ys] = [ring.map(([x]) => x), ring.map(([, y]) => y)];
    const frame = {
      type: "box",
      low: [Math.min(...xs), Math.min(...ys)],
      high: [Math.max(...xs), Math.max(...ys)],
    } as { type: "box"; low: [number, number]; high: [number, number] };
    const known = elementOf(state, "drawing", drawing ?? undefined);
    if (known) return revision({ ...known, frame });
    const name = freeName(state, `${plan.name}, part`);
    const { storey, lens } = plan;
    return adding({ name, kind: "PLAN", storey, lens, scale: LARGE[unitsOf(state)], frame, also: [] });
  },
  take: (hands, tool) => takeCorner(hands, tool, fresh, "RECTANGLE"),
  back: (tool) => (tool.picks.length === 0 ? null : { ...tool, picks: [] }),
  picked: ({ picks }) => picks.map(pointOf),
};
