import type { Edit, Pick, RoomUse } from "../../api/types";
import { aimed } from "../catch/aim";
import { type BoardState, elementOf, measureNow, planShown, typedMm } from "../state/state";
import { roomNames } from "../state/usual";

function nameOf(state: BoardState, use: RoomUse): string {
  return roomNames(state).find(([u]) => u === use)?.[1] ?? "Room";
}

/** Names the closed area under the pointer. */
export function roomEdit(state: BoardState): Edit | null {
  const { pointer, making } = state;
  const storey = planShown(state)?.storey;
  const { name, use, floor, walls, ceiling } = making.room;
  if (!storey || !pointer) return null;
  return {
    type: "nameRoom",
    storey,
    layer: "layer-rooms",
    at: [pointer.x, pointer.y],
    number: "",
    name: name.trim() === "" ? nameOf(state, use) : name,
    use,
    finishes: { floor, walls, ceiling },
  };
}

/** A line that parts rooms, from the point picked to the pointer. */
export function limitEdit(state: BoardState, from: Pick | null): Edit | null {
  const storey = planShown(state)?.storey;
  const to = from && aimed(state, { x: from.at[0], y: from.at[1] });
  if (!storey || !from || !to) return null;
  return { type: "drawRoomLimit", storey, layer: "layer-rooms", from: from.at, to: to.at };
}

/** The fitting at the pointer: with its back to the wall near it, or free. */
export function fittingEdit(state: BoardState): Edit | null {
  const { pointer, making } = state;
  const storey = planShown(state)?.storey;
  const { symbol, widthMm, depthMm, mirrored, angle } = making.fitting;
  if (!storey || !pointer || !elementOf(state, "symbol", symbol)) return null;
  const at: [number, number] = [Math.round(pointer.x), Math.round(pointer.y)];
  const mm = typedMm(state);
  return {
    type: "placeFitting",
    storey,
    layer: "layer-fittings",
    symbol,
    where: mm === undefined ? { type: "near", at } : { type: "nearAt", at, measure: measureNow(state), mm },
    angle,
    mirrored,
    widthMm,
    depthMm,
  };
}

/** The measure last pointed at of the opening or fitting selected, made what is typed. */
export function measureEdit(state: BoardState): Edit | null {
  const mm = typedMm(state);
  const { settingOut } = state;
  const measure = settingOut?.measures[measureNow(state)];
  const thing = settingOut ? state.elements.get(settingOut.thing) : undefined;
  if (mm === undefined || !measure || !thing) return null;
  const placing = { ...measure.placing, type: "off", distanceMm: measure.beyondMm + mm } as const;
  if (thing.type === "opening") return { type: "revise", element: { ...thing, placing } };
  if (thing.type === "fitting" && thing.seat.type === "onWall")
    return { type: "revise", element: { ...thing, seat: { ...thing.seat, placing } } };
  return null;
}
