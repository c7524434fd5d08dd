import type { Element } from "../../api/types";
import { byName } from "../link/named";
import type { Elements } from "../state/state";

/** One thing in which two items differ, in words. */
export interface Difference {
  readonly what: string;
  readonly mine: string;
  readonly theirs: string;
}

/** In what an item of a standard differs from the one the project has. */
export function differences(state: Elements, mine: Element, theirs: Element): Difference[] {
  const found: Difference[] = [];
  compare([], mine, theirs);
  return found;

  function compare(path: readonly string[], one: unknown, other: unknown): void {
    if (JSON.stringify(one) === JSON.stringify(other)) return;
    const [named, others] = [parts(one), parts(other)];
    if (named && others)
      for (const key of new Set([...named.keys(), ...others.keys()]))
        compare([...path, said(key)], named.get(key), others.get(key));
    else found.push({ what: path.join(", "), mine: value(one), theirs: value(other) });
  }

  /** An id as the name of what it means; a member's name as words. */
  function said(key: string): string {
    const meant = state.elements.get(key);
    return meant && "name" in meant ? meant.name : inWords(key);
  }

  function value(of: unknown): string {
    if (of === undefined) return "nothing";
    if (typeof of === "string") return of === "" ? "nothing" : shouted(of) ? inWords(of) : said(of);
    if (typeof of === "boolean") return of ? "yes" : "no";
    if (Array.isArray(of)) return of.length === 0 ? "none" : of.map(value).join(" ");
    if (typeof of === "object" && of !== null)
      return [...Object.values(of)]
        .filter((v) => v !== "")
        .map(value)
        .join(" ");
    return String(of);
  }
}

/** The members of an object or a list by their names or places; null for what has none. */
function parts(of: unknown): ReadonlyMap<string, unknown> | null {
  if (Array.isArray(of))
    return of.length > 0 && of.every((m) => typeof m !== "object")
      ? null
      : (byName(of) ?? new Map(of.map((m, i) => [String(i + 1), m])));
  return typeof of === "object" && of !== null ? new Map(Object.entries(of)) : null;
}

const shouted = (word: string) => /^[A-Z_]+$/.test(word);

/** thinnestPlyMm: thinnest ply, mm; CUT_STRUCTURE: cut structure. */
function inWords(name: string): string {
  if (shouted(name)) return name.toLowerCase().replaceAll("_", " ");
  return name
    .replace(/Mm$/, ", mm")
    .replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
    .trim();
}
