import type { Sheet } from "../../api/types";
import { type Elements, elementsOf } from "./state";

/** The sheets as they are bound: set by set, in a set by their numbers. */
export function sheetsAsBound(state: Elements): Sheet[] {
  return elementsOf(state, "sheet").sort(
    (a, b) =>
      a.set.localeCompare(b.set, "en", { sensitivity: "base" }) ||
      a.number.localeCompare(b.number, "en", { numeric: true }),
  );
}

/** The names of the sets there are, the one without a name as an empty one; none where there are no sheets. */
export function setsOf(sheets: readonly Sheet[]): string[] {
  return sheets.map((s) => s.set).filter((set, i, all) => all.findIndex((o) => isSame(o, set)) === i);
}

/** The sheets of a set. */
export function inSet(sheets: readonly Sheet[], set: string): Sheet[] {
  return sheets.filter((s) => isSame(s.set, set));
}

/** How a set is spoken of. */
export function setWords(set: string): string {
  return set || "Without a set";
}

function isSame(one: string, other: string): boolean {
  return one.toLowerCase() === other.toLowerCase();
}
