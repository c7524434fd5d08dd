import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { NewPart } from "../making/OutlineWay";
import { freeName } from "../state/drawings";
import { adding, revision } from "../state/revisions";
import { LARGE } from "../state/scales";
import { elementOf, planShown, unitsOf } from "../state/state";
import { closeOutline, outlineWords, ringOf, takeCorner } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Part {
  readonly name: "part";
  readonly picks: readonly Pick[];
  /** The drawing whose frame is drawn anew; null for a new one. */
  readonly drawing: string | null;
}

const fresh: Part = { name: "part", picks: [], drawing: null };

/** A drawing of a part of the plan shown, at a large scale. */
export const part: ToolOf<Part> = {
  name: "part",
  words: "Part plan",
  key: "Q",
  also: "detail large scale crop frame",
  fresh,
  aims: true,
  prompt: (state, { picks, drawing }) => [
    drawing ? "Its frame." : "Part plan.",
    outlineWords(state.making.outlineWay, picks.length),
  ],
  edit: (state, { picks, drawing }) => {
    const plan = planShown(state);
    const ring = ringOf(state, picks, state.making.outlineWay === "RECTANGLE");
    if (!plan || !ring) return null;
    const known = elementOf(state, "drawing", drawing ?? undefined);
    const broken = known?.frame.type === "part" && known.frame.broken;
    const frame = { type: "part", ring, broken } as const;
    if (known) return revision({ ...known, frame });
    const name = freeName(state, `${plan.name}, part`);
    const { storey, lens } = plan;
    return adding({ name, kind: "PLAN", storey, lens, scale: LARGE[unitsOf(state)], frame, also: [] });
  },
  take: (hands, tool) => takeCorner(hands, tool, fresh, hands.state.making.outlineWay),
  end: (hands, { picks }) => closeOutline(hands, picks, fresh),
  back: (tool) => (tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) }),
  from: ({ picks }) => picks.map(pointOf)[picks.length - 1],
  picked: ({ picks }) => picks.map(pointOf),
  line: ({ picks }, pointer) => [...picks.map(pointOf), ...(pointer ? [pointer] : [])],
  Facts: NewPart,
};
