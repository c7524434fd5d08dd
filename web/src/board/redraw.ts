import { overlay } from "./overlay";
import { type Canvas, clear, paint, paintTraced } from "./paint";
import type { BoardState } from "./state";
import { toScreen } from "./view";
import { sheetBox } from "./views";

const DESK = "#ece7da";

/** Draws the whole board as it stands. */
export function redraw(element: HTMLCanvasElement, state: BoardState): void {
  const context = element.getContext("2d");
  if (!context) return;
  const ratio = window.devicePixelRatio;
  const { size, view, scale, hairlines } = state;
  if (element.width !== Math.round(size.width * ratio)) element.width = Math.round(size.width * ratio);
  if (element.height !== Math.round(size.height * ratio)) element.height = Math.round(size.height * ratio);
  const canvas: Canvas = { context, view, size, ratio, scale, hairlines };
  clear(canvas);
  paper(canvas, state);
  const { preview } = state;
  const groups = [...state.groups.values()].filter(
    (g) => !preview?.groups.has(g.element) && !preview?.gone.has(g.element) && !state.hidden.has(g.element),
  );
  paintTraced(canvas, [...groups, ...(preview?.groups.values() ?? [])]);
  paint(canvas, groups, "plain");
  if (preview) paint(canvas, [...preview.groups.values()], "preview");
  const selected = state.selection.flatMap((id) =>
    preview?.groups.has(id) ? [] : (state.groups.get(id) ?? []),
  );
  paint(canvas, selected, "selected");
  overlay(canvas, state);
}

/** The sheet of paper under a sheet's picture. */
function paper({ context, view, size, ratio }: Canvas, state: BoardState): void {
  const box = state.shown?.kind === "sheet" ? sheetBox(state) : null;
  if (!box) return;
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  context.fillStyle = DESK;
  context.fillRect(0, 0, size.width, size.height);
  const low = toScreen({ x: box.minX, y: box.minY }, view, size);
  const high = toScreen({ x: box.maxX, y: box.maxY }, view, size);
  context.fillStyle = "#ffffff";
  context.fillRect(low.x, high.y, high.x - low.x, low.y - high.y);
}
