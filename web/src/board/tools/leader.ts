import type { Picked } from "../../api/types";
import { pickedAt } from "../catch/pointing";
import { LeaderToMake } from "../making/NewNote";
import type { BoardState } from "../state/state";
import type { ModelPoint } from "../state/view";
import { titleOf } from "../things";
import { writing } from "./parts/written";
import type { ToolOf } from "./ToolOf";

export interface LeaderTool {
  readonly name: "leader";
  readonly picks: readonly Picked[];
  readonly at: ModelPoint | null;
}

const fresh: LeaderTool = { name: "leader", picks: [], at: null };

/** What stands for words that are not typed yet. */
const UNTYPED = "\u2026";

/** Words with a line to what they speak of. */
export const leader: ToolOf<LeaderTool> = {
  name: "leader",
  words: "Note on a thing",
  makes: "note",
  key: "A",
  also: "text arrow point annotate callout",
  fresh,
  anywhere: true,
  writes: ({ at }) => at !== null,
  prompt: (state, tool) => ["Note on a thing.", next(state, tool)],
  edit: (state, { picks, at }) => {
    const place = at ?? state.pointer;
    if (picks.length === 0 || !place) return null;
    return writing(state.entry.trim() === "" ? { ...state, entry: UNTYPED } : state, place, picks);
  },
  take: (hands, { picks, at }, pointer, more) => {
    const first = picks.length === 0;
    hands.set({
      tool:
        first || (more && !at)
          ? { name: "leader", picks: [...picks, pickedAt(hands.state, pointer)], at: null }
          : { name: "leader", picks, at: pointer },
    });
    hands.aim();
  },
  accept: async (hands, { picks, at }) => {
    if (!at || picks.length === 0) return;
    if (hands.state.entry.trim() === "") hands.say("Type what it is to say, then press Enter.");
    else await hands.make(fresh);
  },
  back: (tool) => {
    if (tool.at) return { ...tool, at: null };
    return tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) };
  },
  picked: ({ picks }) => picks.map(({ at: [x, y] }) => ({ x, y })),
  Facts: LeaderToMake,
};

function next(state: BoardState, { picks, at }: LeaderTool): string {
  if (at) return "Type the words and press Enter.";
  if (picks.length > 0) return "Click where the words go; Shift-click points at more.";
  const under = state.pointer && pickedAt(state, state.pointer);
  const thing = under?.type === "thing" ? state.elements.get(under.thing) : undefined;
  const title = thing && titleOf(state, thing);
  return title ? `Click what it speaks of: ${title}.` : "Click what it speaks of.";
}
