import type { Catch } from "../../api/types";
import { workingPlan } from "../state/drawings";
import { type BoardState, elementOf, elementsOf, planShown } from "../state/state";

/** The drawing shown faintly behind this one: the one chosen, or the plan of the storey below; null where it is off. */
export function backdropOf(state: BoardState): string | null {
  const plan = planShown(state);
  if (!state.backdrop.on || !plan || state.version) return null;
  return state.backdrop.drawing ?? planBelow(state, plan.storey);
}

function planBelow(state: BoardState, storey: string): string | null {
  const level = elementOf(state, "storey", storey)?.levelMm ?? 0;
  const below = elementsOf(state, "storey")
    .filter((s) => s.levelMm < level)
    .sort((a, b) => b.levelMm - a.levelMm)[0];
  return (below && workingPlan(state, below.id)?.id) ?? null;
}

/** What the pointer may hold to in the backdrop: its points and lines, none of which holds anything. */
export function backdropCatches(state: BoardState): Catch[] {
  const drawing = backdropOf(state);
  if (!drawing) return [];
  const name = elementOf(state, "drawing", drawing)?.name ?? "the backdrop";
  return [...state.backdrop.groups.values()].flatMap((g) =>
    g.catches.map((c) => ({
      ...c,
      words: `${c.words}, ${name}`,
      hold: { type: "atPoint" as const, at: c.from },
    })),
  );
}
