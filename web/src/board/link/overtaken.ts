import type { Edit, Element } from "../../api/types";
import { byName, isRecord, type Named } from "./named";

type Elements = ReadonlyMap<string, Element>;

/**
 * The same edit on elements that other edits have changed since it was meant: of each element it takes along only what the
 * drafter changed, so that two facts typed one after the other both stand, however late the first is answered.
 */
export function overtaken(meant: Edit, meantOn: Elements, now: Elements): Edit {
  if (meantOn === now) return meant;
  const late = <T extends Element>(element: T): T => {
    const then = meantOn.get(element.id);
    const current = now.get(element.id);
    return then && current ? (merged(then, element, current) as T) : element;
  };
  switch (meant.type) {
    case "revise":
      return { ...meant, element: late(meant.element) };
    case "reviseAll":
      return { ...meant, elements: meant.elements.map(late) };
    case "reviseOpening":
      return { ...meant, opening: late({ ...meant.opening, type: "opening" }) };
    case "reviseStorey":
      return { ...meant, storey: late({ ...meant.storey, type: "storey" }) };
    default:
      return meant;
  }
}

/**
 * What was changed from then, on what is there now; parts of one type go member by member. So do lists whose members are known by
 * what they are of (layers of a lens, drawings of a sheet), and rows of parts (plies, parts of a title block) by where they stand;
 * the points of an outline go as a whole.
 */
function merged(then: unknown, changed: unknown, now: unknown): unknown {
  if (isSame(then, changed)) return now;
  const [old, meant, current] = [byName(then), byName(changed), byName(now)];
  if (old && meant && current) return mergedList(old, meant, current);
  if (isRow(then) && isRow(changed) && isRow(now)) return mergedRow(then, changed, now);
  if (!isRecord(then) || !isRecord(changed) || !isRecord(now)) return changed;
  if (then.type !== changed.type || then.type !== now.type) return changed;
  return Object.fromEntries(
    Object.keys({ ...now, ...changed }).map((key) => [key, merged(then[key], changed[key], now[key])]),
  );
}

/** As changed, in that order; without what went meanwhile, and with what came meanwhile after it. */
function mergedList(then: Named, changed: Named, now: Named): unknown[] {
  const names = new Set([...changed.keys(), ...now.keys()]);
  return [...names]
    .filter((name) => changed.has(name) || !then.has(name))
    .filter((name) => now.has(name) || !isSame(then.get(name), changed.get(name)))
    .map((name) =>
      changed.has(name) ? merged(then.get(name), changed.get(name), now.get(name)) : now.get(name),
    );
}

type Row = readonly Readonly<Record<string, unknown>>[];

function isRow(value: unknown): value is Row {
  return Array.isArray(value) && value.every(isRecord);
}

/** What was changed of a row on what else was; where both changed one part, fact by fact, unless parts changed places. */
function mergedRow(then: Row, changed: Row, now: Row): unknown[] {
  const [mine, theirs] = [stretch(then, changed), stretch(then, now)];
  const on = (shift: number) => [
    ...now.slice(0, mine.from + shift),
    ...mine.parts,
    ...now.slice(mine.to + shift),
  ];
  if (mine.to <= theirs.from) return on(0);
  if (theirs.to <= mine.from) return on(now.length - then.length);
  if (!isInPlace(then, changed) || !isInPlace(then, now)) return [...changed];
  return then.map((part, i) => merged(part, changed[i], now[i]));
}

/** Where a row differs from another: which of the first's parts, from one up to another, are which of the second's. */
function stretch(then: Row, other: Row) {
  const least = Math.min(then.length, other.length);
  let from = 0;
  while (from < least && isSame(then[from], other[from])) from++;
  let after = 0;
  while (after < least - from && isSame(then.at(-1 - after), other.at(-1 - after))) after++;
  return { from, to: then.length - after, parts: other.slice(from, other.length - after) };
}

/** Whether all parts stand where they stood, each as it was or with other facts. */
function isInPlace(then: Row, other: Row): boolean {
  return (
    then.length === other.length &&
    then.every((part, i) => isSame(part, other[i]) || !other.some((o) => isSame(part, o)))
  );
}

function isSame(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}
