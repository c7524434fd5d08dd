import { wallEnds } from "../catch/grips";
import { type BoardState, caughtNow, gapPointedAt } from "../state/state";
import { type ScreenPoint, toScreen } from "../state/view";
import { toolOf } from "../tools";
import { moverOf } from "../tools/parts/gap";
import { checked } from "./overlayChecked";
import { edges } from "./overlayEdge";
import { areas, clearances } from "./overlayFloor";
import { dot, INK, label, line, OCHRE, type On, PAPER, VERDIGRIS } from "./overlayLines";
import { layingBlockOut, placing } from "./overlayPlacing";
import { roofEdge } from "./overlayRoof";
import { setOut } from "./overlaySetOut";
import type { Canvas } from "./paint";

/** What is drawn over the drawing while working: gaps, grips, picks, how the next point is found. Nothing of it prints. */
export function overlay({ context, view, size, ratio }: Canvas, state: BoardState): void {
  context.setTransform(ratio, 0, 0, ratio, 0, 0);
  context.setLineDash([]);
  context.globalAlpha = 1;
  const on: On = { context, at: (p) => toScreen(p, view, size), zoom: view.zoom, size };
  if (state.tool.name === "select" || state.tool.name === "move" || state.tool.name === "end") {
    gaps(on, state);
    grips(on, state);
  }
  clearances(on, state);
  areas(on, state);
  checked(on, state);
  edges(on, state);
  placing(on, state);
  layingBlockOut(on, state);
  setOut(on, state);
  roofEdge(on, state);
  measure(on, state);
  aim(on, state);
  picks(on, state);
  box(on, state);
  ring(on, state);
}

function gaps(on: On, state: BoardState): void {
  const shown = state.preview && state.preview.gaps.length > 0 ? state.preview.gaps : state.gaps;
  const pointed = gapPointedAt(state);
  const taken: ScreenPoint[] = [];
  for (const gap of shown) {
    const strong = gap === pointed && state.tool.name === "select";
    const colour = gap.kept ? VERDIGRIS : strong ? OCHRE : INK;
    const a = on.at({ x: gap.from[0], y: gap.from[1] });
    const b = on.at({ x: gap.to[0], y: gap.to[1] });
    line(on, a, b, colour, strong ? 1.6 : 1);
    if (gap.kept) line(on, shiftedAside(a, b, 3), shiftedAside(b, a, -3), colour, 1);
    dot(on, a, colour, 2.2);
    dot(on, b, colour, 2.2);
    const words = gap.kept ? `${gap.printed} kept` : gap.printed;
    label(on, words, clearOf(taken, figurePlace(a, b)), colour, strong);
  }
  mover(on, state);
}

/** How far apart figures stand at least, across and up. */
const FIGURE_PX = { x: 58, y: 18 };

/** A place for a figure where none stands yet: the one meant, or a row further down until one is free. */
function clearOf(taken: ScreenPoint[], meant: ScreenPoint): ScreenPoint {
  let place = meant;
  const meets = (p: ScreenPoint) =>
    Math.abs(p.x - place.x) < FIGURE_PX.x && Math.abs(p.y - place.y) < FIGURE_PX.y;
  while (taken.some(meets)) place = { x: place.x, y: place.y + FIGURE_PX.y };
  taken.push(place);
  return place;
}

/** The middle of a gap; beside it where it is too short for its figure. */
function figurePlace(a: ScreenPoint, b: ScreenPoint): ScreenPoint {
  const level = Math.abs(b.x - a.x) > Math.abs(b.y - a.y);
  const room = Math.hypot(b.x - a.x, b.y - a.y) > (level ? 64 : 34);
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  if (room) return middle;
  return level ? { x: middle.x, y: middle.y - 16 } : { x: middle.x + 30, y: middle.y };
}

function shiftedAside(a: ScreenPoint, b: ScreenPoint, by: number): ScreenPoint {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  return { x: a.x - ((b.y - a.y) / length) * by, y: a.y + ((b.x - a.x) / length) * by };
}

/** Two wedges on the wall that would move, the way it would go. */
function mover(on: On, state: BoardState): void {
  const id = moverOf(state);
  const pointed = gapPointedAt(state);
  const ends = id && wallEnds(state, id);
  if (!ends || !pointed) return;
  const a = on.at(ends.START);
  const b = on.at(ends.END);
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const lengthens = pointed.gap.type === "ahead" && pointed.gap.wall === id;
  const along = { x: (b.x - a.x) / length, y: (b.y - a.y) / length };
  const way = lengthens ? along : { x: -along.y, y: along.x };
  const clear = Math.min(28, length / 3);
  const beside = { x: middle.x - along.x * clear, y: middle.y - along.y * clear };
  const place = lengthens && pointed.gap.type === "ahead" ? on.at(ends[pointed.gap.end]) : beside;
  for (const sign of [1, -1]) wedge(on, place, { x: way.x * sign, y: way.y * sign });
}

function wedge({ context }: On, from: ScreenPoint, way: ScreenPoint): void {
  const tip = { x: from.x + way.x * 17, y: from.y + way.y * 17 };
  const foot = { x: from.x + way.x * 8, y: from.y + way.y * 8 };
  context.fillStyle = OCHRE;
  context.beginPath();
  context.moveTo(tip.x, tip.y);
  context.lineTo(foot.x - way.y * 6, foot.y + way.x * 6);
  context.lineTo(foot.x + way.y * 6, foot.y - way.x * 6);
  context.closePath();
  context.fill();
}

function grips(on: On, state: BoardState): void {
  const only = state.selection.length === 1 ? state.selection[0] : undefined;
  const ends = only === undefined || state.preview ? undefined : wallEnds(state, only);
  if (!ends) return;
  for (const end of [ends.START, ends.END]) {
    const p = on.at(end);
    on.context.fillStyle = PAPER;
    on.context.strokeStyle = VERDIGRIS;
    on.context.lineWidth = 1.6;
    on.context.beginPath();
    on.context.arc(p.x, p.y, 4.5, 0, 2 * Math.PI);
    on.context.fill();
    on.context.stroke();
  }
}

function measure(on: On, { tool, measured, pointer }: BoardState): void {
  if (tool.name !== "measure") return;
  const points = tool.points.map(on.at);
  points.forEach((p, i) => {
    const next = points[i + 1];
    if (next) line(on, p, next, OCHRE, 1.4);
    dot(on, p, OCHRE);
  });
  points.slice(1).forEach((p, i) => {
    const from = points[i] ?? p;
    const words = measured?.legs[i];
    if (words) label(on, words, { x: (p.x + from.x) / 2, y: (p.y + from.y) / 2 }, OCHRE, true);
  });
  const last = points[points.length - 1];
  if (last && pointer) line(on, last, on.at(pointer), OCHRE, 0.6);
}

/** How the next point is found: axes that are turned, a direction held, distances from points. */
function aim(on: On, { aim: { held, base, measured }, axes, tool, pointer }: BoardState): void {
  if (axes !== 0) axesMark(on, axes);
  const from = base?.at ?? toolOf(tool).from?.(tool);
  if (held !== null && from) {
    const a = on.at(from);
    const far = on.size.width + on.size.height;
    const way = { x: Math.cos(held) * far, y: -Math.sin(held) * far };
    line(on, { x: a.x - way.x, y: a.y - way.y }, { x: a.x + way.x, y: a.y + way.y }, OCHRE, 0.6);
  }
  if (base) dot(on, on.at(base.at), OCHRE, 4);
  if (base && pointer) line(on, on.at(base.at), on.at(pointer), OCHRE, 0.6);
  for (const m of measured) {
    const centre = on.at(m.centre);
    dot(on, centre, OCHRE);
    if (m.mm === null) continue;
    on.context.strokeStyle = OCHRE;
    on.context.lineWidth = 0.8;
    on.context.beginPath();
    on.context.arc(centre.x, centre.y, m.mm * on.zoom, 0, 2 * Math.PI);
    on.context.stroke();
  }
}

/** A small cross of two arms in the corner of the board, turned as the axes are. */
function axesMark(on: On, axes: number): void {
  const origin = { x: 36, y: on.size.height - 36 };
  for (const [angle, words] of [
    [axes, "across"],
    [axes + Math.PI / 2, "up"],
  ] as const) {
    const tip = { x: origin.x + Math.cos(angle) * 26, y: origin.y - Math.sin(angle) * 26 };
    line(on, origin, tip, OCHRE, 1.6);
    label(
      on,
      words,
      { x: origin.x + Math.cos(angle) * 44, y: origin.y - Math.sin(angle) * 36 },
      OCHRE,
      false,
    );
  }
}

/** What was picked so far, and the line that goes through it. */
function picks(on: On, { tool, pointer }: BoardState): void {
  const { picked, line: drawn } = toolOf(tool);
  const through = drawn?.(tool, pointer) ?? [];
  through.slice(1).forEach((p, i) => {
    const from = through[i];
    if (from) line(on, on.at(from), on.at(p), OCHRE, 1);
  });
  for (const p of picked?.(tool) ?? []) dot(on, on.at(p), OCHRE);
}

/** The box being drawn: whole for what lies inside it, open at its corners for all it touches. */
function box(on: On, { box: drawn }: BoardState): void {
  if (!drawn) return;
  const a = on.at(drawn.from);
  const b = on.at(drawn.to);
  const [x, y, w, h] = [Math.min(a.x, b.x), Math.min(a.y, b.y), Math.abs(a.x - b.x), Math.abs(a.y - b.y)];
  on.context.strokeStyle = VERDIGRIS;
  on.context.lineWidth = 1.2;
  if (!drawn.touching) {
    on.context.strokeRect(x, y, w, h);
  } else {
    const arm = Math.min(14, w / 2, h / 2);
    for (const [cx, cy, sx, sy] of [
      [x, y, 1, 1],
      [x + w, y, -1, 1],
      [x, y + h, 1, -1],
      [x + w, y + h, -1, -1],
    ] as const) {
      line(on, { x: cx, y: cy }, { x: cx + arm * sx, y: cy }, VERDIGRIS, 2);
      line(on, { x: cx, y: cy }, { x: cx, y: cy + arm * sy }, VERDIGRIS, 2);
    }
  }
  const words = drawn.touching ? "all it touches" : "what lies inside";
  label(on, words, { x: b.x, y: b.y + (b.y >= a.y ? 16 : -16) }, VERDIGRIS, false);
}

/** One small ring at what the pointer caught. */
function ring(on: On, state: BoardState): void {
  const caught = caughtNow(state);
  if (!caught) return;
  const at = on.at(caught.at);
  on.context.strokeStyle = OCHRE;
  on.context.lineWidth = 1.6;
  on.context.beginPath();
  on.context.arc(at.x, at.y, 5.5, 0, 2 * Math.PI);
  on.context.stroke();
}
