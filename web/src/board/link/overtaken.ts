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
 * what they are of (layers of a lens, drawings of a sheet); others, such as the points of an outline, go as a whole.
 */
function merged(then: unknown, changed: unknown, now: unknown): unknown {
  if (isSame(then, changed)) return now;
  const [old, meant, current] = [byName(then), byName(changed), byName(now)];
  if (old && meant && current) return mergedList(old, meant, current);
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

function isSame(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}
