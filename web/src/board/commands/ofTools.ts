import { type BoardState, planShown } from "../state/state";
import { EVERYWHERE, type Listed, STAGES } from "../tools";
import type { Command } from "./Command";

/** Whether a tool can be chosen: on a drawing of now, and most of them on a plan. */
export function canChoose(state: BoardState, { anywhere }: Pick<Listed, "anywhere">): boolean {
  if (state.version !== null || state.shown?.kind !== "drawing") return false;
  return anywhere === true || planShown(state) !== undefined;
}

function choosing(tool: Listed, group: string): Command {
  const { startsOn } = tool;
  return {
    name: `tool.${tool.name}`,
    words: tool.words,
    group,
    keys: tool.key === undefined ? [] : [tool.key],
    when: (state) => canChoose(state, tool),
    ...(tool.also === undefined ? {} : { also: tool.also }),
    on: (thing, state) => thing !== null && canChoose(state, tool) && (startsOn?.(thing) ?? null) !== null,
    does: ({ store, actions }, thing) => {
      actions.choose(tool.name);
      const begun = thing ? startsOn?.(thing) : null;
      if (begun) store.setState({ tool: begun });
    },
  };
}

/** Choosing a tool. */
export const ofTools: readonly Command[] = [
  ...EVERYWHERE.map((t) => choosing(t, "Everywhere")),
  ...STAGES.flatMap((s) => s.tools.map((t) => choosing(t, s.words))),
];
