import { boxOf } from "../canvas/boxes";
import type { BoardState, SelectionBox } from "../state/state";
import { elementOf, elementsOf } from "../state/state";
import type { Box } from "../state/view";

/** Whether a thing can be selected now: neither it nor its layer is hidden or locked. */
export function isFree(state: BoardState, id: string): boolean {
  const layer = state.groups.get(id)?.layer ?? "";
  const closed = state.layersOff.has(layer) || elementOf(state, "layer", layer)?.locked === true;
  return !closed && !state.hidden.has(id) && !state.locked.has(id);
}

/** What a box takes: everything that lies inside it, or all that it touches. */
export function inBox(state: BoardState, { from, to, touching }: SelectionBox): string[] {
  const box: Box = {
    minX: Math.min(from.x, to.x),
    minY: Math.min(from.y, to.y),
    maxX: Math.max(from.x, to.x),
    maxY: Math.max(from.y, to.y),
  };
  const found: string[] = [];
  for (const group of state.groups.values()) {
    const reach = isFree(state, group.element) ? boxOf([group], state.scale) : null;
    if (!reach) continue;
    const traced = group.items.some((i) => i.type === "traced");
    const inside =
      !traced &&
      reach.minX >= box.minX &&
      reach.maxX <= box.maxX &&
      reach.minY >= box.minY &&
      reach.maxY <= box.maxY;
    if (inside || (touching && touches(group.items.flatMap(linesOf), box))) found.push(group.element);
  }
  return found;
}

type Point = readonly [number, number];
type Items =
  BoardState["groups"] extends ReadonlyMap<string, infer G>
    ? G extends { items: readonly (infer I)[] }
      ? I
      : never
    : never;

function linesOf(item: Items): readonly (readonly Point[])[] {
  switch (item.type) {
    case "fill":
      return [[...item.ring, ...item.ring.slice(0, 1)]];
    case "strokes":
      return item.role === "HATCH" ? [] : item.lines;
    case "hatch":
    case "wave":
    case "arc":
    case "image":
    case "traced":
    case "text":
      return [];
  }
}

/** Whether any of some lines passes through or ends in a box. */
function touches(lines: readonly (readonly Point[])[], box: Box): boolean {
  return lines.some((line) => line.some((p, i) => i > 0 && passes(line[i - 1] ?? p, p, box)));
}

/** Clips a segment to the box, side by side; nothing left means it passes by. */
function passes(a: Point, b: Point, box: Box): boolean {
  let from = 0;
  let to = 1;
  const sides: readonly (readonly [number, number])[] = [
    [a[0] - b[0], a[0] - box.minX],
    [b[0] - a[0], box.maxX - a[0]],
    [a[1] - b[1], a[1] - box.minY],
    [b[1] - a[1], box.maxY - a[1]],
  ];
  for (const [step, room] of sides) {
    if (step === 0 && room < 0) return false;
    if (step < 0) from = Math.max(from, room / step);
    if (step > 0) to = Math.min(to, room / step);
  }
  return from <= to;
}

/** Millimetres: things whose middles lie no further apart upwards are taken as one row. */
const ROW_MM = 600;

/** Everything drawn that can be selected, across the drawing in rows from the top. */
export function inRows(state: BoardState): string[] {
  const places = [...state.groups.values()].flatMap((group) => {
    const box = isFree(state, group.element) ? boxOf([group], state.scale) : null;
    const row = box ? -Math.round((box.minY + box.maxY) / 2 / ROW_MM) : 0;
    return box ? [{ id: group.element, row, across: (box.minX + box.maxX) / 2 }] : [];
  });
  return places.sort((a, b) => a.row - b.row || a.across - b.across).map((p) => p.id);
}

/** Everything drawn that is not selected. */
export function inverted(state: BoardState): string[] {
  const selected = new Set(state.selection);
  return [...state.groups.keys()].filter((id) => !selected.has(id) && isFree(state, id));
}

/** The walls of the selection, and all that are joined to them end to end or stand on one another, on and on. */
export function alongJoined(state: BoardState): string[] {
  const walls = elementsOf(state, "wall");
  const keys = (id: string) => {
    const wall = elementOf(state, "wall", id);
    if (!wall) return [];
    const ends = [wall.start, wall.end].map((e) => (e.type === "atCorner" ? e.corner : e.wall));
    return [id, ...ends];
  };
  const found = new Set(state.selection.filter((id) => elementOf(state, "wall", id)));
  const met = new Set([...found].flatMap(keys));
  for (let grown = true; grown; ) {
    grown = false;
    for (const wall of walls) {
      if (found.has(wall.id) || !keys(wall.id).some((k) => met.has(k))) continue;
      found.add(wall.id);
      for (const key of keys(wall.id)) met.add(key);
      grown = true;
    }
  }
  return [...found].filter((id) => isFree(state, id));
}

/** Everything like the one thing selected: walls of its build-up, openings and others of its kind. */
export function alike(state: BoardState): string[] {
  const first = state.elements.get(state.selection[0] ?? "");
  if (!first) return [];
  return [...state.groups.keys()].filter((id) => {
    const e = state.elements.get(id);
    if (!e || e.type !== first.type || !isFree(state, id)) return false;
    if (e.type === "wall" && first.type === "wall") return e.buildUp === first.buildUp;
    if (e.type === "opening" && first.type === "opening") return e.kind.type === first.kind.type;
    if (e.type === "wallPiece" && first.type === "wallPiece") return e.make.type === first.make.type;
    return true;
  });
}
