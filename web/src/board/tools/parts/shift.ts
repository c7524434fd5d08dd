import type { Edit, Item } from "../../../api/types";
import { boxOf } from "../../canvas/boxes";
import { aimed } from "../../catch/aim";
import { pointOf } from "../../catch/points";
import { type BoardState, canShift, drawingShown, elementOf, planShown, type Tool } from "../../state/state";
import type { ModelPoint } from "../../state/view";
import type { Hands } from "../ToolOf";

type Point = [number, number];

const ONLY_WRITTEN =
  "Here only notes, dimension strings and the frames of details move; what is drawn moves in a plan.";

/** From the point picked to the pointer; null while nothing is selected. */
export function shiftFrom(state: BoardState, from: ModelPoint): [number, number] | null {
  const to = aimed(state, from);
  return to && state.selection.length > 0 && canShift(state) ? [to.at[0] - from.x, to.at[1] - from.y] : null;
}

/**
 * What is selected moves so far. The labels of rooms move in the plan shown alone, from where they are seen: of those that find their
 * place only the page knows where that is.
 */
export function shifted(state: BoardState, by: readonly [number, number]): Edit {
  const drawing = planShown(state)?.id;
  const labels = state.selection.flatMap((room) => {
    const seen = elementOf(state, "room", room) && labelMiddle(state, room);
    return drawing && seen ? [{ room, drawing, seen }] : [];
  });
  return { type: "move", elements: [...state.selection], by: [by[0], by[1]], labels };
}

/**
 * The middle of a room's label whose words stand where they are drawn. The mark of the room's walls, which may stand anywhere by
 * itself, is under the words of a label that is put by hand.
 */
function labelMiddle(state: BoardState, room: string): Point | null {
  const group = state.groups.get(room);
  const scale = drawingShown(state)?.scale;
  if (!group || !scale) return null;
  const items = group.items.flatMap(withoutLeader);
  const mark = markOf(items, scale);
  const words = boxOf([{ items: items.filter((i) => !mark?.has(i)) }], scale);
  return words && [(words.minX + words.maxX) / 2, (words.minY + words.maxY) / 2 - (mark?.reach ?? 0)];
}

/** As parts of what the lines of a mark reach: its sides, what more numbers at a point add, and where numbers begin. */
const SIDES = { reach: 1.5, each: 0.34 };
const NUMBERED = { x: 2.1, y: 1.46 };

/** The mark of a room's walls in its label: what belongs to it, its lines and the words in and round them, and how far its sides are from its middle. */
function markOf(items: readonly Item[], scale: number) {
  const isLine = (i: Item) => i.type === "strokes" && i.role === "LEVEL";
  const lines = boxOf([{ items: items.filter(isLine) }], scale);
  if (!lines) return null;
  const [x, y] = [(lines.minX + lines.maxX) / 2, (lines.minY + lines.maxY) / 2];
  const reach = (lines.maxX - lines.minX) / 2;
  const isNear = ([px, py]: readonly [number, number]) =>
    Math.abs(px - x) <= NUMBERED.x * reach && Math.abs(py - y) <= NUMBERED.y * reach;
  const has = (i: Item) => isLine(i) || (i.type === "text" && isNear(i.at));
  const most = Math.max(1, ...items.map((i) => (i.type === "text" && has(i) ? i.text.split(",").length : 1)));
  return { has, reach: reach * (SIDES.reach + SIDES.each * (most - 1)) };
}

/** A leader is a line of one stretch or two, and a dot; it may be drawn with other lines at one go. */
function withoutLeader(item: Item): Item[] {
  if (item.type === "arc") return [];
  if (item.type !== "strokes") return [item];
  return [{ ...item, lines: item.lines.filter((line) => line.length > 3) }];
}

/** A thing to select where none is, then a point to start from, then the one to go to. */
export async function takeFromTo(
  hands: Hands,
  tool: Extract<Tool, { name: "move" | "copy" | "mirror" }>,
  fresh: Tool,
  pointer: ModelPoint,
): Promise<void> {
  if (hands.state.selection.length === 0) return hands.select(pointer, false);
  if (!canShift(hands.state)) return hands.say(ONLY_WRITTEN);
  const pick = aimed(hands.state);
  if (tool.from) await hands.make(fresh);
  else if (pick) hands.go({ ...tool, from: pointOf(pick) });
}
