import type { Element } from "../../api/types";
import type { BoardState, ToolName } from "../state/state";
import { EVERYWHERE, type Listed, STAGES } from "../tools";
import type { Command } from "./Command";

/** Tools that begin with the thing they are called on. */
const ON: Partial<Record<ToolName, (thing: Element | null) => boolean>> = {
  move: (thing) => thing !== null,
  copy: (thing) => thing !== null,
  turn: (thing) => thing !== null,
  mirror: (thing) => thing !== null,
  bend: (thing) => thing?.type === "wall",
};

/** What a tool needs to be chosen: a drawing of now. */
export function canDraw({ version, shown }: BoardState): boolean {
  return version === null && shown?.kind === "drawing";
}

function choosing(tool: Listed, group: string): Command {
  const on = ON[tool.name];
  return {
    name: `tool.${tool.name}`,
    words: tool.words,
    group,
    keys: tool.key === undefined ? [] : [tool.key],
    when: canDraw,
    ...(tool.also === undefined ? {} : { also: tool.also }),
    ...(on === undefined
      ? {}
      : { on: (thing: Element | null, state: BoardState) => canDraw(state) && on(thing) }),
    does: ({ actions }) => actions.choose(tool.name),
  };
}

/** Choosing a tool. */
export const ofTools: readonly Command[] = [
  ...EVERYWHERE.map((t) => choosing(t, "Everywhere")),
  ...STAGES.flatMap((s) => s.tools.map((t) => choosing(t, s.words))),
];
