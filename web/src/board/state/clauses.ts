import type { Clause } from "../../api/types";
import { type Elements, elementsOf } from "./state";

const BLANK = /_{3,}/g;

/** The library in its order. */
export function library(state: Elements): Clause[] {
  return elementsOf(state, "clause").sort((a, b) => a.order - b.order || a.id.localeCompare(b.id));
}

/** How many blanks a clause has. */
export function blanksOf({ text }: Clause): number {
  return text.match(BLANK)?.length ?? 0;
}

/** Its text with its blanks filled, as far as they are. */
export function filled({ text }: Clause, fills: readonly string[]): string {
  let at = 0;
  return text.replace(BLANK, (blank) => {
    const fill = fills[at++]?.trim();
    return fill ? fill : blank;
  });
}

/** How often a clause stands on drawings. */
export function usesOf(state: Elements, clause: string): number {
  return elementsOf(state, "keyMark").filter((m) => m.clause === clause).length;
}
