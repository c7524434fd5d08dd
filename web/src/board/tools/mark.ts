import type { Element } from "../../api/types";
import type { ToolOf } from "./ToolOf";

export interface Mark {
  readonly name: "mark";
  readonly opening: string;
}

/** The mark of one door or window put at a place; it keeps that beside the opening. */
export const mark: ToolOf<Mark> = {
  name: "mark",
  words: "Put its mark elsewhere",
  also: "tag label of door window",
  startsOn: (thing: Element) => (thing.type === "opening" ? { name: "mark", opening: thing.id } : null),
  prompt: () => ["Its mark.", "Click where the middle of the mark goes."],
  edit: ({ pointer }, { opening }) =>
    pointer ? { type: "putOpeningMark", opening, at: [pointer.x, pointer.y] } : null,
  take: async (hands) => void (await hands.make({ name: "select" })),
};
