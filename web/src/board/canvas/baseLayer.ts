import type { Group } from "../../api/types";
import { type Box, type Size, toScreen, type View } from "../state/view";
import { boxOf } from "./boxes";
import { imagesCome } from "./images";
import { type Canvas, paint, paintTraced } from "./paint";

/** How much further than the board the kept picture reaches on each side, as a part of the board. */
const MARGIN = 0.25;
/** Milliseconds without a change of view, after which the picture is drawn anew for it. */
const SETTLES = 90;
/** Groups. When more than this change at once, drawing everything is quicker than drawing round each. */
const MOST_CHANGED = 60;
/** Pixels. How far lines reach beyond the boxes of their points. */
const PEN_PX = 6;

interface Made {
  readonly view: View;
  readonly size: Size;
  readonly ratio: number;
  readonly scale: number;
  readonly hairlines: boolean;
  readonly pages: number;
}

/**
 * The drawing as it is stored, kept as pixels: while the pointer moves, only what changes is drawn again, and while the
 * view shifts, the pixels shift with it until it settles.
 */
export class BaseLayer {
  private readonly canvas = document.createElement("canvas");
  private made: Made | null = null;
  private drawn: ReadonlyMap<string, Group> = new Map();
  private settled = true;
  private timer = 0;
  private lastView: View | null = null;

  /** @param strength from 0 to 1: less than 1 lets what lies behind shine through */
  constructor(private readonly strength = 1) {}

  /** @param again draws the board once more, when the view has settled */
  draw(on: Canvas, groups: ReadonlyMap<string, Group>, again: () => void): void {
    const first = this.drawn.size === 0 && groups.size > 0;
    if (!this.made || first || !this.isFor(on)) this.everything(on, groups);
    else if (this.made.view === on.view) this.changes(on, groups);
    else if (this.settled) {
      if (this.lastView === on.view) this.everything(on, groups);
      else this.settle(on.view, again);
    } else if (this.lastView !== on.view) this.settle(on.view, again);
    this.copyTo(on);
  }

  private isFor(on: Canvas): boolean {
    const { made } = this;
    return (
      made !== null &&
      made.size === on.size &&
      made.ratio === on.ratio &&
      made.scale === on.scale &&
      made.hairlines === on.hairlines &&
      made.pages === imagesCome()
    );
  }

  private settle(view: View, again: () => void): void {
    this.lastView = view;
    this.settled = false;
    window.clearTimeout(this.timer);
    this.timer = window.setTimeout(() => {
      this.settled = true;
      again();
    }, SETTLES);
  }

  private own(on: Canvas): Canvas | null {
    const context = this.canvas.getContext("2d");
    const size = { width: withMargins(on.size.width), height: withMargins(on.size.height) };
    return context && { ...on, context, size };
  }

  private everything(on: Canvas, groups: ReadonlyMap<string, Group>): void {
    const own = this.own(on);
    if (!own) return;
    this.canvas.width = Math.round(own.size.width * on.ratio);
    this.canvas.height = Math.round(own.size.height * on.ratio);
    const all = [...groups.values()];
    paintTraced(own, all);
    paint(own, all, "plain");
    this.drawn = groups;
    this.lastView = on.view;
    const { view, size, ratio, scale, hairlines } = on;
    this.made = { view, size, ratio, scale, hairlines, pages: imagesCome() };
  }

  private changes(on: Canvas, groups: ReadonlyMap<string, Group>): void {
    if (groups === this.drawn) return;
    const changed = changedGroups(this.drawn, groups);
    const many = changed.length > MOST_CHANGED || changed.some(isTraced);
    const box = boxOf(changed, on.scale);
    if (many) this.everything(on, groups);
    else if (box) this.within(box, on, groups);
    this.drawn = groups;
  }

  /** Draws anew what lies in a box. */
  private within(box: Box, on: Canvas, groups: ReadonlyMap<string, Group>): void {
    const own = this.own(on);
    if (!own) return;
    const low = toScreen({ x: box.minX, y: box.minY }, own.view, own.size);
    const high = toScreen({ x: box.maxX, y: box.maxY }, own.view, own.size);
    const left = Math.floor((low.x - PEN_PX) * on.ratio);
    const top = Math.floor((high.y - PEN_PX) * on.ratio);
    const width = Math.ceil((high.x - low.x + 2 * PEN_PX) * on.ratio);
    const height = Math.ceil((low.y - high.y + 2 * PEN_PX) * on.ratio);
    const near = grown(box, PEN_PX / own.view.zoom);
    const there = [...groups.values()].filter((g) => overlaps(boxIn(g, on.scale), near));
    own.context.save();
    own.context.setTransform(1, 0, 0, 1, 0, 0);
    own.context.beginPath();
    own.context.rect(left, top, width, height);
    own.context.clip();
    own.context.clearRect(left, top, width, height);
    paintTraced(own, there);
    paint(own, there, "plain");
    own.context.restore();
  }

  private copyTo({ context, view, size, ratio }: Canvas): void {
    if (!this.made) return;
    const bigger = view.zoom / this.made.view.zoom;
    const middle = toScreen(this.made.view.centre, view, size);
    const width = (this.canvas.width / ratio) * bigger;
    const height = (this.canvas.height / ratio) * bigger;
    const onPixels = (css: number) => (bigger === 1 ? Math.round(css * ratio) : css * ratio);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.globalAlpha = this.strength;
    context.drawImage(
      this.canvas,
      onPixels(middle.x - width / 2),
      onPixels(middle.y - height / 2),
      onPixels(width),
      onPixels(height),
    );
    context.globalAlpha = 1;
  }
}

/** Whole pixels on both sides, so that what is copied lies on the board's own pixels. */
function withMargins(size: number): number {
  return size + 2 * Math.round(size * MARGIN);
}

/** Groups that differ between two pictures, as they were and as they are. */
export function changedGroups(
  before: ReadonlyMap<string, Group>,
  after: ReadonlyMap<string, Group>,
): Group[] {
  const changed: Group[] = [];
  for (const [id, group] of before) if (after.get(id) !== group) changed.push(group);
  for (const [id, group] of after) if (before.get(id) !== group) changed.push(group);
  return changed;
}

function isTraced(group: Group): boolean {
  return group.items.some((i) => i.type === "traced");
}

const boxes = new WeakMap<Group, Box | null>();

function boxIn(group: Group, scale: number): Box | null {
  const known = boxes.get(group);
  if (known !== undefined) return known;
  const box = boxOf([group], scale);
  boxes.set(group, box);
  return box;
}

function grown(box: Box, by: number): Box {
  return { minX: box.minX - by, minY: box.minY - by, maxX: box.maxX + by, maxY: box.maxY + by };
}

function overlaps(a: Box | null, b: Box): boolean {
  return a !== null && a.minX <= b.maxX && a.maxX >= b.minX && a.minY <= b.maxY && a.maxY >= b.minY;
}
