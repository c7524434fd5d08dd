import type { Pick } from "../../api/types";
import { NewPart } from "../making/OutlineWay";
import { freeName } from "../state/drawings";
import { adding, revision } from "../state/revisions";
import { LARGE } from "../state/scales";
import { elementOf, planShown, unitsOf } from "../state/state";
import { outlined, outlineWords, outlining } from "./parts/outline";
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
  ...outlining(fresh),
  name: "part",
  words: "Part plan",
  key: "Q",
  also: "detail large scale crop frame",
  prompt: (state, { picks, drawing }) => [
    drawing ? "Its frame." : "Part plan.",
    outlineWords(state.making.outlineWay, picks.length),
  ],
  edit: (state, tool) => {
    const plan = planShown(state);
    const ring = outlined(state, tool);
    if (!plan || !ring) return null;
    const known = elementOf(state, "drawing", tool.drawing ?? undefined);
    const broken = known?.frame.type === "part" && known.frame.broken;
    const frame = { type: "part", ring, broken } as const;
    if (known) return revision({ ...known, frame });
    const name = freeName(state, `${plan.name}, part`);
    const { storey, lens } = plan;
    return adding({ name, kind: "PLAN", storey, lens, scale: LARGE[unitsOf(state)], frame, also: [] });
  },
  Facts: NewPart,
};
