import type { Element } from "../../api/types";
import { isMarked } from "../state/lenses";
import { planShown } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface Mark {
  readonly name: "mark";
  /** A door, a window or a fitting. */
  readonly thing: string;
}

/** The mark of one thing put at a place in the plan shown; it keeps that beside the thing. */
export const mark: ToolOf<Mark> = {
  name: "mark",
  words: "Put its mark elsewhere",
  also: "tag label of door window fitting",
  startsOn: (thing: Element) =>
    thing.type === "opening" || thing.type === "fitting" ? { name: "mark", thing: thing.id } : null,
  prompt: (state, { thing }) => [
    "Its mark.",
    isMarked(state, state.elements.get(thing))
      ? "Click where the middle of the mark goes."
      : "The lens of this plan shows no marks of such things.",
  ],
  edit: (state, { thing }) => {
    const { pointer } = state;
    const drawing = planShown(state)?.id;
    const marked = isMarked(state, state.elements.get(thing));
    return pointer && drawing && marked
      ? { type: "putMark", thing, drawing, at: [pointer.x, pointer.y] }
      : null;
  },
  take: async (hands) => void (await hands.make({ name: "select" })),
};
