import type { Drawing } from "../../api/types";
import { inside } from "../catch/near";
import { Dimensioning } from "../making/Dimensioning";
import { dimensioning } from "../state/revisions";
import { drawingShown, elementOf } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface DimensionTool {
  readonly name: "dimension";
  /** The rooms that are dimensioned alone; all where empty. */
  readonly rooms: readonly string[];
}

const DIMENSIONED: readonly Drawing["kind"][] = ["PLAN", "SECTION", "ELEVATION", "INTERIOR"];

/** All the dimension strings that a plan or a section still wants, at once. */
export const dimension: ToolOf<DimensionTool> = {
  name: "dimension",
  words: "Dimension it all",
  also: "strings tiers overall automatic all sides rooms",
  fresh: { name: "dimension", rooms: [] },
  anywhere: true,
  areas: true,
  atOnce: true,
  prompt: (state, { rooms }) => [
    "Dimension it all.",
    state.preview?.refusal ??
      (rooms.length === 0 && drawingShown(state)?.kind !== "PLAN"
        ? "Enter draws what is shown."
        : rooms.length === 0
          ? "Enter draws what is shown; click in a named room for that one alone."
          : "Enter draws what is shown; click in a room to add it, or to leave it out."),
  ],
  edit: (state, { rooms }) => {
    const drawing = drawingShown(state);
    return drawing && DIMENSIONED.includes(drawing.kind)
      ? dimensioning(
          state,
          drawing.id,
          rooms.filter((id) => elementOf(state, "room", id)),
        )
      : null;
  },
  take: (hands, { rooms }, pointer) => {
    const areas = hands.state.areas?.areas ?? [];
    const room = areas.find((a) => a.rings.filter((r) => inside(r, pointer)).length % 2 === 1)?.room;
    if (!room) return hands.say("No named room is here: all of it is dimensioned.");
    const others = rooms.filter((id) => id !== room);
    hands.go({ name: "dimension", rooms: others.length < rooms.length ? others : [...rooms, room] });
  },
  end: async (hands) => void (await hands.make({ name: "select" })),
  back: ({ rooms }) => (rooms.length === 0 ? null : { name: "dimension", rooms: rooms.slice(0, -1) }),
  Facts: Dimensioning,
};
