import type { Pick } from "../../api/types";
import { NewPart } from "../making/OutlineWay";
import { freeName } from "../state/drawings";
import { addingPart, revision } from "../state/revisions";
import { DETAIL, LARGE } from "../state/scales";
import { drawingShown, elementOf, partedShown, unitsOf } from "../state/state";
import { outlined, outlineWords, outlining } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Part {
  readonly name: "part";
  readonly picks: readonly Pick[];
  /** The drawing whose frame is drawn anew; null for a new one. */
  readonly drawing: string | null;
}

const fresh: Part = { name: "part", picks: [], drawing: null };

/** A drawing of a part of the one shown, at a large scale: a part plan, or a detail of a section or an elevation. */
export const part: ToolOf<Part> = {
  ...outlining(fresh),
  name: "part",
  words: "Part or detail",
  key: "Q",
  also: "part plan detail large scale crop frame eaves",
  anywhere: true,
  prompt: (state, { picks, drawing }) => [
    drawing ? "Its frame." : drawingShown(state)?.kind === "PLAN" ? "Part plan." : "Detail.",
    outlineWords(state.making.outlineWay, picks.length),
  ],
  edit: (state, tool) => {
    const shown = partedShown(state);
    const ring = outlined(state, tool);
    if (!shown || !ring) return null;
    const known = elementOf(state, "drawing", tool.drawing ?? undefined);
    const broken = known?.frame.type === "part" ? known.frame.broken : shown.kind !== "PLAN";
    const frame = { type: "part", ring, broken } as const;
    if (known) return revision({ ...known, frame });
    const [word, scales] = shown.kind === "PLAN" ? ["part", LARGE] : ["detail", DETAIL];
    return addingPart(shown, freeName(state, `${shown.name}, ${word}`), scales[unitsOf(state)], frame);
  },
  Facts: NewPart,
};
