import type { Drawing } from "../../api/types";
import { type BoardState, type Elements, elementsOf } from "./state";

/** Schedules that are counted from the model, without pictures. */
export const TABLES: readonly Drawing["kind"][] = [
  "DOORS",
  "WINDOWS",
  "ROOMS",
  "FITTINGS",
  "ROOFS",
  "FOUNDATIONS",
  "CLAUSES",
  "SHEETS",
];

/** What stands on sheets by itself: words, and pictures. */
export const BLOCKS: readonly Drawing["kind"][] = ["TEXT", "PICTURE"];

/** Whether it is seen through a lens, at a scale: tables, words and pictures are not. */
export function hasScale({ kind }: Drawing): boolean {
  return !TABLES.includes(kind) && !BLOCKS.includes(kind);
}

/** The drawings in the order of the register. */
export function register(state: Elements): Drawing[] {
  return elementsOf(state, "drawing").sort((a, b) => a.order - b.order || a.id.localeCompare(b.id));
}

/** Those of the whole before those of a part: what leads to a drawing leads to no detail of it. */
export function wholeFirst(drawings: readonly Drawing[]): Drawing[] {
  return [...drawings].sort((a, b) => Number(a.frame.type === "part") - Number(b.frame.type === "part"));
}

/** The drawing of one thing, as of a section line or a stair. */
export function drawingOf(state: Elements, of: string): Drawing | undefined {
  return wholeFirst(elementsOf(state, "drawing")).find(
    (d) => d.subject.type === "one" && d.subject.element === of,
  );
}

/** The plan that a storey is worked in: its first that shows all of it. */
export function workingPlan(state: Elements, storey: string): Drawing | undefined {
  return register(state).find((d) => d.kind === "PLAN" && d.storey === storey && d.frame.type === "all");
}

/** The sheets a drawing stands on. */
export function sheetsOf(state: Elements, drawing: string) {
  return elementsOf(state, "sheet").filter((s) => s.drawings.some((p) => p.drawing === drawing));
}

/** A name that no drawing has, like the one wished for. */
export function freeName(state: Elements, wish: string): string {
  const names = new Set(elementsOf(state, "drawing").map((d) => d.name.toLowerCase()));
  let name = wish;
  for (let n = 2; names.has(name.toLowerCase()); n++) name = `${wish} ${n}`;
  return name;
}

/** Whether a plan is dimensioned and its set-out check found nothing missing or wrong. */
export function isToldWhole(
  { elements, findings, looked }: Elements & Pick<BoardState, "findings" | "looked">,
  plan: Drawing,
): boolean {
  if (plan.kind !== "PLAN" || !looked) return false;
  const strings = elementsOf({ elements }, "dimensionString").filter((d) => d.drawing === plan.id);
  const own = new Set([plan.id, ...strings.map((d) => d.id)]);
  return (
    strings.length > 0 && !findings.some((f) => f.kind === "SET_OUT" && f.concerns.some((id) => own.has(id)))
  );
}
