import type { BoardState } from "../state/state";
import { toScreen } from "../state/view";
import { backdropOf } from "./backdrop";
import { BaseLayer } from "./baseLayer";
import { overlay } from "./overlay";
import { type Canvas, clear, paint, paintTraced } from "./paint";
import { sheetBox } from "./views";

const DESK = "#ece7da";
const BACKDROP_STRENGTH = 0.28;

/** Draws a board, frame by frame. */
export class Redraw {
  private readonly base = new BaseLayer();
  private readonly behind = new BaseLayer(BACKDROP_STRENGTH);
  private shown: {
    readonly of: BoardState["groups"];
    readonly without: string;
    readonly groups: BoardState["groups"];
  } | null = null;

  /** @param again draws it once more, later */
  constructor(
    private readonly element: HTMLCanvasElement,
    private readonly again: () => void,
  ) {}

  draw(state: BoardState): void {
    const { element } = this;
    const context = element.getContext("2d");
    if (!context) return;
    const ratio = window.devicePixelRatio;
    const { size, view, scale, hairlines, preview } = state;
    if (element.width !== Math.round(size.width * ratio)) element.width = Math.round(size.width * ratio);
    if (element.height !== Math.round(size.height * ratio)) element.height = Math.round(size.height * ratio);
    const canvas: Canvas = { context, view, size, ratio, scale, hairlines };
    clear(canvas);
    paper(canvas, state);
    if (backdropOf(state)) this.behind.draw(canvas, state.backdrop.groups, this.again);
    this.base.draw(canvas, this.groups(state), this.again);
    if (preview) {
      paintTraced(canvas, [...preview.groups.values()]);
      paint(canvas, [...preview.groups.values()], preview.made ? "plain" : "preview");
    }
    const selected = state.selection.flatMap((id) =>
      preview?.groups.has(id) ? [] : (state.groups.get(id) ?? []),
    );
    paint(canvas, selected, "selected");
    overlay(canvas, state);
  }

  /** What is stored and not hidden, but for what the preview replaces; the same map while nothing of that changes. */
  private groups({ groups, preview, hidden, layersOff }: BoardState): BoardState["groups"] {
    const replaced = [...(preview?.groups.keys() ?? []), ...(preview?.gone ?? [])].filter((id) =>
      groups.has(id),
    );
    const without = [...replaced, "", ...hidden, "", ...layersOff].sort().join(" ");
    if (this.shown?.of === groups && this.shown.without === without) return this.shown.groups;
    const left = new Map(groups);
    for (const id of [...replaced, ...hidden]) left.delete(id);
    if (layersOff.size > 0) for (const [id, group] of left) if (layersOff.has(group.layer)) left.delete(id);
    this.shown = { of: groups, without, groups: left };
    return left;
  }
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
