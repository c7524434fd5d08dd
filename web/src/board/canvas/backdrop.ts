import type { Place } from "../catch/near";
import { workingPlan } from "../state/drawings";
import { type BoardState, elementOf, elementsOf, planShown } from "../state/state";

/**
 * The drawing shown faintly behind this one: the one chosen, or the plan of the storey the lens says, below where it says none;
 * null where it is off, or nobody turned it on and the lens says none or draws it itself.
 */
export function backdropOf(state: BoardState): string | null {
  const plan = planShown(state);
  if (!plan || state.version) return null;
  const said = elementOf(state, "lens", plan.lens)?.backdrop;
  const on = state.backdrop.on ?? (said !== undefined && said.what !== "NOTHING" && !said.prints);
  if (!on) return null;
  return state.backdrop.drawing ?? planBeside(state, plan.storey, said?.what === "STOREY_ABOVE");
}

/** The plan of the storey next to one. */
function planBeside(state: BoardState, storey: string, above: boolean): string | null {
  const level = elementOf(state, "storey", storey)?.levelMm ?? 0;
  const beside = elementsOf(state, "storey")
    .filter((s) => (above ? s.levelMm > level : s.levelMm < level))
    .sort((a, b) => Math.abs(a.levelMm - level) - Math.abs(b.levelMm - level))[0];
  return (beside && workingPlan(state, beside.id)?.id) ?? null;
}

/** What the pointer may hold to in the backdrop: its points and lines. Only dimensions hold to the things themselves. */
export function backdropCatches(state: BoardState): Place[] {
  const drawing = backdropOf(state);
  if (!drawing) return [];
  const name = elementOf(state, "drawing", drawing)?.name ?? "the backdrop";
  return [...state.backdrop.groups.values()].flatMap((g) =>
    g.catches.map((c) => ({
      ...c,
      words: `${c.words}, ${name}`,
      hold: { type: "atPoint" as const, at: c.from },
      behind: c.hold,
    })),
  );
}
