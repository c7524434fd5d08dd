import type { Element } from "../../api/types";
import { type BoardState, planShown, type ToolName } from "../state/state";
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

/** Whether a tool can be chosen: on a drawing of now, and most of them on a plan. */
export function canChoose(state: BoardState, { anywhere }: Pick<Listed, "anywhere">): boolean {
  if (state.version !== null || state.shown?.kind !== "drawing") return false;
  return anywhere === true || planShown(state) !== undefined;
}

function choosing(tool: Listed, group: string): Command {
  const on = ON[tool.name];
  return {
    name: `tool.${tool.name}`,
    words: tool.words,
    group,
    keys: tool.key === undefined ? [] : [tool.key],
    when: (state) => canChoose(state, tool),
    ...(tool.also === undefined ? {} : { also: tool.also }),
    ...(on === undefined
      ? {}
      : { on: (thing: Element | null, state: BoardState) => canChoose(state, tool) && on(thing) }),
    does: ({ actions }) => actions.choose(tool.name),
  };
}

/** Choosing a tool. */
export const ofTools: readonly Command[] = [
  ...EVERYWHERE.map((t) => choosing(t, "Everywhere")),
  ...STAGES.flatMap((s) => s.tools.map((t) => choosing(t, s.words))),
];
