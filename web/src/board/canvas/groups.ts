import type { Group } from "../../api/types";

/** Groups by what a click on them picks: an element of a drawing, or on a sheet a whole drawing. */
export function byWhatIsPicked(groups: readonly Group[]): Map<string, Group> {
  const picked = new Map<string, Group>();
  for (const group of groups) {
    const key = group.drawing ?? group.element;
    const there = picked.get(key);
    picked.set(
      key,
      there ? { ...there, items: [...there.items, ...group.items] } : { ...group, element: key },
    );
  }
  return picked;
}
