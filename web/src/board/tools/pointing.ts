import type { Element } from "../../api/types";
import { pickedAt } from "../catch/pointing";
import type { ToolOf } from "./ToolOf";

export interface PointingTool {
  readonly name: "pointing";
  /** The note whose leaders are changed. */
  readonly note: string;
}

/** Pixels: how near to the end of a leader a click means it. */
const TIP_PX = 10;

/** Gives a note leaders or takes them away: a slip is one click, and one undo. */
export const pointing: ToolOf<PointingTool> = {
  name: "pointing",
  words: "Leaders of a note",
  also: "arrow point annotate",
  startsOn: (thing: Element) =>
    thing.type === "note" || thing.type === "keyMark" ? { name: "pointing", note: thing.id } : null,
  anywhere: true,
  prompt: () => [
    "Leaders of a note.",
    "Click what it is to point at, too; on the end of a leader to take it away.",
  ],
  edit: (state, { note }) =>
    state.pointer && {
      type: "pointNote",
      note,
      picked: pickedAt(state, state.pointer),
      withinMm: TIP_PX / state.view.zoom,
    },
  take: async (hands, tool) => void (await hands.make(tool)),
};
