import type { Edit } from "../../api/types";
import { aimed } from "../catch/aim";
import { copied } from "../link/clipboard";
import { type BoardState, planShown } from "../state/state";
import { select } from "./select";
import type { ToolOf } from "./ToolOf";

export interface Paste {
  readonly name: "paste";
}

/** What was copied, held at its point by the pointer; with Enter alone, where it was. */
export const paste: ToolOf<Paste> = {
  name: "paste",
  words: "Paste",
  fresh: { name: "paste" },
  aims: true,
  prompt: () => [
    `Paste ${copied()?.things.length ?? 0}.`,
    "Click where its point goes, or press Enter to put it where it was.",
  ],
  edit: (state) => {
    const kept = copied();
    const to = aimed(state);
    return kept && to ? pasted(state, [to.at[0] - kept.base.x, to.at[1] - kept.base.y]) : null;
  },
  take: async (hands) => void (await hands.make(select.fresh)),
  end: async (hands) => {
    const edit = pasted(hands.state, [0, 0]);
    if (edit && select.fresh) await hands.submit(edit, select.fresh);
  },
};

function pasted(state: BoardState, by: [number, number]): Edit | null {
  const kept = copied();
  const drawing = planShown(state);
  if (!kept || !drawing) return null;
  return { type: "paste", elements: kept.elements, things: kept.things, drawing: drawing.id, by };
}
