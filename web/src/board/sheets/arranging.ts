import type { Sheet } from "../../api/types";
import { boxOf } from "../canvas/boxes";
import type { Sync } from "../link/sync";
import { type BoardState, elementOf } from "../state/state";
import type { BoardStore } from "../state/store";
import type { Box } from "../state/view";
import { faultAt, outlineOf, shifted } from "./fitting";

type Shift = readonly [number, number];

/** How several drawings come to stand: edges or middles in one line, or gaps alike. */
export type Way = "LEFT" | "MIDDLE" | "RIGHT" | "TOP" | "CENTRE" | "BOTTOM" | "ACROSS" | "DOWN";

const STILL: Shift = [0, 0];

/** How much nearer words may lie than they are taken to here. */
const SLACK_MM = 3;

/** How far each of some boxes goes: to the line of the outermost, to the middle of all, or so that gaps between them are alike. */
export function arranged(boxes: readonly Box[], way: Way): readonly Shift[] {
  const all = {
    minX: Math.min(...boxes.map((b) => b.minX)),
    minY: Math.min(...boxes.map((b) => b.minY)),
    maxX: Math.max(...boxes.map((b) => b.maxX)),
    maxY: Math.max(...boxes.map((b) => b.maxY)),
  };
  switch (way) {
    case "LEFT":
      return boxes.map((b) => [all.minX - b.minX, 0]);
    case "MIDDLE":
      return boxes.map((b) => [(all.minX + all.maxX - b.minX - b.maxX) / 2, 0]);
    case "RIGHT":
      return boxes.map((b) => [all.maxX - b.maxX, 0]);
    case "TOP":
      return boxes.map((b) => [0, all.maxY - b.maxY]);
    case "CENTRE":
      return boxes.map((b) => [0, (all.minY + all.maxY - b.minY - b.maxY) / 2]);
    case "BOTTOM":
      return boxes.map((b) => [0, all.minY - b.minY]);
    case "ACROSS":
      return spaced(boxes.map((b) => [b.minX, b.maxX])).map((by) => [by, 0]);
    case "DOWN":
      return spaced(boxes.map((b) => [b.minY, b.maxY])).map((by) => [0, by]);
  }
}

/** The first and the last stay; those between them move so that gaps are alike. */
function spaced(spans: readonly Shift[]): readonly number[] {
  const order = spans.map((_, i) => i).sort((a, b) => (spans[a]?.[0] ?? 0) - (spans[b]?.[0] ?? 0));
  const low = Math.min(...spans.map(([from]) => from));
  const high = Math.max(...spans.map(([, to]) => to));
  const taken = spans.reduce((sum, [from, to]) => sum + to - from, 0);
  const gap = (high - low - taken) / (spans.length - 1);
  const by = spans.map(() => 0);
  let at = low;
  for (const i of order) {
    const [from, to] = spans[i] ?? [0, 0];
    by[i] = at - from;
    at += to - from + gap;
  }
  return by;
}

/** The drawings selected on the sheet shown. */
export function selectedOn(state: BoardState): readonly string[] {
  const sheet = elementOf(state, "sheet", state.shown?.id);
  return state.selection.filter((id) => sheet?.drawings.some((p) => p.drawing === id));
}

/** Arranges the drawings selected on the sheet shown, unless one would come to lie on another or off the drawing area: then it says so. */
export async function arrange(store: BoardStore, sync: Sync, way: Way): Promise<void> {
  const { state } = sync;
  const sheet = elementOf(state, "sheet", state.shown?.id);
  if (!sheet) return;
  const there = sheet.drawings.flatMap((p) => {
    const group = state.groups.get(p.drawing);
    const box = group && boxOf([group], 1);
    return box ? [{ drawing: p.drawing, box }] : [];
  });
  const moving = there.filter((t) => state.selection.includes(t.drawing));
  if (moving.length < 2) return;
  const by = arranged(
    moving.map((m) => m.box),
    way,
  );
  const moved = new Map<string, Shift>(moving.map((m, i) => [m.drawing, by[i] ?? STILL]));
  const fault = faultAmong(state, sheet, there, moved);
  if (fault) return store.setState({ saying: fault });
  const drawings = sheet.drawings.map((p) => {
    const [x, y] = moved.get(p.drawing) ?? STILL;
    return { ...p, at: [p.at[0] + x, p.at[1] + y] as [number, number] };
  });
  await sync.revise({ ...sheet, drawings, type: "sheet" });
}

/** Why drawings cannot stand so; empty where they can. */
function faultAmong(
  state: BoardState,
  sheet: Sheet,
  there: readonly { readonly drawing: string; readonly box: Box }[],
  moved: ReadonlyMap<string, Shift>,
): string {
  const outline = outlineOf(sheet, state);
  const would = there.map(({ drawing, box }) => ({
    drawing,
    name: elementOf(state, "drawing", drawing)?.name ?? "another drawing",
    box: shifted(box, moved.get(drawing) ?? STILL),
  }));
  for (const w of would) {
    if (!moved.has(w.drawing)) continue;
    const others = would.filter((o) => o !== w);
    const within = {
      minX: w.box.minX + SLACK_MM,
      minY: w.box.minY + SLACK_MM,
      maxX: w.box.maxX - SLACK_MM,
      maxY: w.box.maxY - SLACK_MM,
    };
    const fault = faultAt(within, { outline, others, same: [] });
    if (fault) return `${w.name}: ${fault.charAt(0).toLowerCase()}${fault.slice(1)}`;
  }
  return "";
}
