import type { Edit, Element } from "../../api/types";
import { FigureOfString } from "../making/FigureOfString";
import { figureChange } from "../state/revisions";
import { type BoardState, elementOf } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface FigureTool {
  readonly name: "figure";
  /** The string whose figures are changed. */
  readonly string: string;
  /** A place along the part that is meant; null until one is picked. */
  readonly at: readonly [number, number] | null;
}

/** Moves single figures of a string, or lets them say something else than is measured. */
export const figure: ToolOf<FigureTool> = {
  name: "figure",
  words: "Figures of a string",
  also: "dimension text override move say equal minimum",
  startsOn: (thing: Element) =>
    thing.type === "dimensionString" ? { name: "figure", string: thing.id, at: null } : null,
  anywhere: true,
  writes: ({ at }) => at !== null,
  prompt: (_, { at }) => [
    "Figures of a string.",
    at
      ? "Click where it is to stand, or type what it is to say and press Enter."
      : "Click the part, on its line, whose figure is meant.",
  ],
  edit: (state, tool) => editOf(state, tool),
  take: async (hands, tool, pointer) => {
    if (tool.at) await hands.make({ ...tool, at: null });
    else if (elementOf(hands.state, "dimensionString", tool.string))
      hands.set({ tool: { ...tool, at: [pointer.x, pointer.y] } });
  },
  accept: async (hands, tool) => {
    if (hands.state.entry.trim() === "") hands.say("Type what the figure is to say, then press Enter.");
    else await hands.make({ ...tool, at: null });
  },
  back: (tool) => (tool.at ? { ...tool, at: null } : null),
  picked: ({ at }) => (at ? [{ x: at[0], y: at[1] }] : []),
  Facts: FigureOfString,
};

function editOf({ entry, pointer }: BoardState, { string, at }: FigureTool): Edit | null {
  if (!at) return null;
  if (entry.trim() !== "") return figureChange(string, at, { type: "saying", words: entry.trim() });
  if (!pointer) return null;
  return figureChange(string, at, { type: "standing", there: [pointer.x, pointer.y] });
}
