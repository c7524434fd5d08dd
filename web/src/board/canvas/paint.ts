import type { Group, Item } from "../../api/types";
import type { Size, View } from "../state/view";
import { dashesMm } from "./dashes";
import { hatchLines, waveLine } from "./hatches";
import { imageAt } from "./images";
import { pageImage } from "./traced";

/** The inks of the board, as in the styles. */
const INK = "#222b31";
const SELECTED = "#1c766a";
const PREVIEW = "#8a5a06";
const PREVIEW_FILL = "#f6e8cb";
/** Height of capitals of the drawing face, as a part of its size; the face's own metric. */
const CAPITAL = 0.7;
const FINEST_PX = 0.7;
/** Pixels to a millimetre of paper. Further out, hatches would run together. */
const HATCH_FROM_PX = 0.9;

export type Manner = "plain" | "selected" | "preview";

export interface Canvas {
  readonly context: CanvasRenderingContext2D;
  readonly view: View;
  readonly size: Size;
  readonly ratio: number;
  /** Model millimetres to one of paper. */
  readonly scale: number;
  readonly hairlines: boolean;
}

/** What is drawn over what, of all groups together; as the core and the PDF have it. */
const RANKS = ["fill", "hatch", "line", "ground", "text"] as const;
type Rank = (typeof RANKS)[number];

function rankOf(item: Item): Rank | null {
  switch (item.type) {
    case "hatch":
    case "wave":
      return "hatch";
    case "strokes":
      return item.role === "HATCH" ? "hatch" : "line";
    case "arc":
      return "line";
    case "fill":
      return item.over ? "ground" : "fill";
    case "image":
      return "fill";
    case "text":
      return item.type;
    case "traced":
      return null;
  }
}

type Drawn = Exclude<Item, { type: "text" | "traced" | "image" }>;

function linesOf(item: Exclude<Drawn, { type: "arc" }>): readonly (readonly (readonly [number, number])[])[] {
  switch (item.type) {
    case "fill":
      return [item.ring];
    case "hatch":
      return hatchLines(item);
    case "wave":
      return [waveLine(item)];
    case "strokes":
      return item.lines;
  }
}

const paths = new WeakMap<Item, Path2D>();

function pathOf(item: Drawn): Path2D {
  const known = paths.get(item);
  if (known) return known;
  const path = new Path2D();
  if (item.type === "arc") {
    path.arc(item.centre[0], item.centre[1], item.radius, item.from, item.from + item.sweep, item.sweep < 0);
  } else {
    for (const line of linesOf(item)) {
      line.forEach(([x, y], i) => {
        if (i === 0) path.moveTo(x, y);
        else path.lineTo(x, y);
      });
      if (item.type === "fill") path.closePath();
    }
  }
  paths.set(item, path);
  return path;
}

export function clear({ context, size, ratio }: Canvas): void {
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.fillStyle = "#fffefb";
  context.fillRect(0, 0, size.width * ratio, size.height * ratio);
}

/** Pictures to trace from, under everything else. */
export function paintTraced({ context, view, size, ratio }: Canvas, groups: readonly Group[]): void {
  const zoom = view.zoom * ratio;
  for (const group of groups) {
    for (const item of group.items) {
      if (item.type !== "traced") continue;
      const image = pageImage(item.file, item.page);
      const x = (size.width / 2) * ratio + (item.at[0] - view.centre.x) * zoom;
      const y = (size.height / 2) * ratio - (item.at[1] - view.centre.y) * zoom;
      context.setTransform(1, 0, 0, 1, x, y);
      context.rotate(-item.angle);
      context.globalAlpha = item.strength;
      const place = [0, -item.heightMm * zoom, item.widthMm * zoom, item.heightMm * zoom] as const;
      if (image) context.drawImage(image, ...place);
      else {
        context.strokeStyle = INK;
        context.lineWidth = ratio;
        context.strokeRect(...place);
      }
      context.globalAlpha = 1;
    }
  }
}

/** Draws rank by rank, so that groups may come in any order. */
export function paint(canvas: Canvas, groups: readonly Group[], manner: Manner): void {
  const { context, view, size, ratio } = canvas;
  const zoom = view.zoom * ratio;
  const left = (size.width / 2) * ratio - view.centre.x * zoom;
  const top = (size.height / 2) * ratio + view.centre.y * zoom;
  context.setTransform(zoom, 0, 0, -zoom, left, top);
  context.lineCap = "round";
  context.lineJoin = "round";
  const hatches = manner !== "selected" && view.zoom * canvas.scale >= HATCH_FROM_PX;
  for (const rank of RANKS) {
    if ((rank === "fill" && manner === "selected") || (rank === "hatch" && !hatches)) continue;
    for (const group of groups)
      for (const item of group.items) if (rankOf(item) === rank) draw(canvas, item, rank, manner);
  }
}

function draw(canvas: Canvas, item: Item, rank: Rank, manner: Manner): void {
  if (item.type === "fill") fill(canvas, item, manner);
  else if (item.type === "text") text(canvas, item, manner);
  else if (item.type === "image") image(canvas, item);
  else if (item.type !== "traced") stroke(canvas, item, rank, manner);
}

/** Upright, though the plane's y grows upwards. */
function image(
  { context }: Canvas,
  { address, at, widthMm, heightMm }: Extract<Item, { type: "image" }>,
): void {
  const dots = imageAt(address);
  if (!dots) return;
  context.save();
  context.translate(at[0], at[1] + heightMm);
  context.scale(1, -1);
  context.drawImage(dots, 0, 0, widthMm, heightMm);
  context.restore();
}

function inkOf(manner: Manner, own: string): string {
  return manner === "selected" ? SELECTED : manner === "preview" ? PREVIEW : own || INK;
}

function fill({ context, view }: Canvas, item: Extract<Item, { type: "fill" }>, manner: Manner): void {
  const path = pathOf(item);
  const tint = manner === "preview" && !item.over ? PREVIEW_FILL : item.tint;
  context.fillStyle = tint;
  context.fill(path);
  context.strokeStyle = tint;
  context.lineWidth = 0.6 / view.zoom;
  context.setLineDash([]);
  context.stroke(path);
}

function stroke(canvas: Canvas, item: Exclude<Drawn, { type: "fill" }>, rank: Rank, manner: Manner): void {
  const { context, view, scale, hairlines } = canvas;
  const printed = item.pen.widthMm * scale;
  const finest = FINEST_PX / view.zoom;
  const width = hairlines ? finest : Math.max(printed, finest);
  context.strokeStyle = inkOf(manner, item.pen.ink);
  context.globalAlpha = rank === "hatch" ? 0.45 : printed < finest && !hairlines ? 0.85 : 1;
  context.lineWidth = manner === "selected" ? width + 1.2 / view.zoom : width;
  context.setLineDash(dashesMm(item.pen).map((mm) => mm * scale));
  context.stroke(pathOf(item));
  context.globalAlpha = 1;
}

function text(
  { context, view, size, ratio, scale }: Canvas,
  item: Extract<Item, { type: "text" }>,
  manner: Manner,
): void {
  context.setLineDash([]);
  context.fillStyle = inkOf(manner, item.ink);
  const zoom = view.zoom * ratio;
  const x = (size.width / 2) * ratio + (item.at[0] - view.centre.x) * zoom;
  const y = (size.height / 2) * ratio - (item.at[1] - view.centre.y) * zoom;
  const cos = Math.cos(item.angle);
  const sin = Math.sin(item.angle);
  context.setTransform(cos, -sin, sin, cos, x, y);
  context.fontKerning = "none";
  for (const run of item.runs) {
    const px = (run.height / CAPITAL) * scale * zoom;
    if (px < 3) continue;
    context.font = `${item.strong ? 600 : 400} ${px}px Drawing, "Drawing Fallback"`;
    context.fillText(run.letters, run.right * scale * zoom, -run.up * scale * zoom);
  }
}
