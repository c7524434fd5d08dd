import type { Edit, Item, Room } from "../../../api/types";
import { boxOf } from "../../canvas/boxes";
import { aimed } from "../../catch/aim";
import { pointOf } from "../../catch/points";
import { type BoardState, canShift, drawingShown, elementOf, type Tool } from "../../state/state";
import type { ModelPoint } from "../../state/view";
import type { Hands } from "../ToolOf";

const ONLY_WRITTEN =
  "Here only notes, dimension strings and the frames of details move; what is drawn moves in a plan.";

/** From the point picked to the pointer; null while nothing is selected. */
export function shiftFrom(state: BoardState, from: ModelPoint): [number, number] | null {
  const to = aimed(state, from);
  return to && state.selection.length > 0 && canShift(state) ? [to.at[0] - from.x, to.at[1] - from.y] : null;
}

/**
 * What is selected moves so far. Where it is rooms, whose labels move, those that stand where they are clear move from where they are
 * seen, wherever that is: only the page knows.
 */
export function shifted(state: BoardState, by: readonly [number, number]): Edit {
  const rooms = state.selection.map((id) => elementOf(state, "room", id));
  const clear = rooms.some((room) => room?.label.type === "whereClear");
  const labelled = clear ? rooms.map((room) => room && labelShifted(state, room, by)) : [];
  const [only] = labelled;
  if (!labelled.every((room) => room !== undefined) || only === undefined)
    return { type: "move", elements: [...state.selection], by: [by[0], by[1]] };
  return labelled.length === 1
    ? { type: "revise", element: only }
    : { type: "reviseAll", elements: labelled };
}

/** Nothing where its label is nowhere to be seen. */
function labelShifted(state: BoardState, room: Room, [x, y]: readonly [number, number]) {
  const from = room.label.type === "putAt" ? room.label.at : labelMiddle(state, room.id);
  return from
    ? { ...room, label: { type: "putAt" as const, at: [from[0] + x, from[1] + y] as [number, number] } }
    : undefined;
}

/** The middle of a room's label as it is drawn, without its leader. */
function labelMiddle(state: BoardState, room: string): [number, number] | null {
  const group = state.groups.get(room);
  const scale = drawingShown(state)?.scale;
  if (!group || !scale) return null;
  const items = group.items.flatMap(withoutLeader);
  const box = boxOf([{ items }], scale);
  return box && [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
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
