import type { Pick } from "../../api/types";
import { type Aim, type BoardState, caughtNow, type MeasuredFrom, NO_AIM, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";
import { bare } from "./points";

/** A point across and up in axes that are turned. */
export function toAxes(p: ModelPoint, axes: number): ModelPoint {
  const cos = Math.cos(axes);
  const sin = Math.sin(axes);
  return { x: p.x * cos + p.y * sin, y: p.y * cos - p.x * sin };
}

export function fromAxes(p: ModelPoint, axes: number): ModelPoint {
  return toAxes(p, -axes);
}

/** The point whose across or up, or both, were taken from caught points; the pointer gives the other. */
export function fromParts(state: BoardState): Pick | undefined {
  const { aim, axes } = state;
  const free = caughtNow(state)?.at ?? state.pointer;
  if (!free && (aim.across === null || aim.up === null)) return undefined;
  const here = toAxes(free ?? { x: 0, y: 0 }, axes);
  return bare(fromAxes({ x: aim.across ?? here.x, y: aim.up ?? here.y }, axes));
}

/** The point at two measured distances, on the pointer's side; undefined until both are there. */
export function fromMeasures(state: BoardState): Pick | undefined {
  const [one, two] = withTyped(state);
  if (!one || !two || one.mm === null || two.mm === null) return undefined;
  const meetings = circlesMeet(one.centre, one.mm, two.centre, two.mm);
  const { pointer } = state;
  const near = (p: ModelPoint) => (pointer ? Math.hypot(p.x - pointer.x, p.y - pointer.y) : 0);
  const [best] = meetings.toSorted((a, b) => near(a) - near(b));
  return best && bare(best);
}

/** The measured distances, the last with what is typed now. */
function withTyped(state: BoardState): readonly MeasuredFrom[] {
  const typed = typedMm(state);
  return state.aim.measured.map((m) => (m.mm === null && typed !== undefined ? { ...m, mm: typed } : m));
}

function circlesMeet(a: ModelPoint, ra: number, b: ModelPoint, rb: number): ModelPoint[] {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const apart = Math.hypot(dx, dy);
  if (apart === 0) return [];
  const along = (apart * apart + ra * ra - rb * rb) / (2 * apart);
  const squared = ra * ra - along * along;
  if (squared < -1e-6) return [];
  const off = Math.sqrt(Math.max(0, squared));
  const foot = { x: a.x + (dx / apart) * along, y: a.y + (dy / apart) * along };
  return [1, -1].map((side) => ({
    x: foot.x - (dy / apart) * off * side,
    y: foot.y + (dx / apart) * off * side,
  }));
}

/** Why two measured distances give no point; null where they do or are not both there yet. */
export function measuresMiss(state: BoardState): string | null {
  const [one, two] = withTyped(state);
  if (!one || !two || one.mm === null || two.mm === null) return null;
  return circlesMeet(one.centre, one.mm, two.centre, two.mm).length === 0
    ? "Those two distances do not meet: type others, or step back with Esc."
    : null;
}

/** Whether the aim alone decides the point, so that Enter takes it. */
export function isDecided({ aim }: BoardState): boolean {
  return (aim.across !== null && aim.up !== null) || aim.measured.filter((m) => m.mm !== null).length === 2;
}

type Way = "from" | "across" | "up" | "measure" | "hold" | "axes";

/** Aims another way, by what the pointer has caught; null where it has caught nothing that this needs. */
export function aimBy(state: BoardState, way: Way, last: ModelPoint | undefined): Partial<BoardState> | null {
  const { aim, pointer, axes } = state;
  const caught = caughtNow(state);
  switch (way) {
    case "from":
      return caught ? { aim: { ...NO_AIM, base: caught } } : null;
    case "across":
    case "up": {
      if (!caught) return null;
      const at = toAxes(caught.at, axes);
      const part = way === "across" ? { across: at.x } : { up: at.y };
      return { aim: { ...NO_AIM, across: aim.across, up: aim.up, ...part } };
    }
    case "measure": {
      if (!caught || aim.measured.length >= 2 || aim.measured.some((m) => m.mm === null)) return null;
      const next = { centre: caught.at, words: caught.caught.words, mm: null };
      return { aim: { ...NO_AIM, measured: [...aim.measured, next] } };
    }
    case "hold": {
      if (aim.held !== null) return { aim: { ...aim, held: null } };
      const from = aim.base?.at ?? last;
      const to = caught?.at ?? pointer;
      return from && to ? { aim: { ...aim, held: heldAngle(from, to, axes) } } : null;
    }
    case "axes": {
      if (!caught) return axes === 0 ? null : { axes: 0 };
      const [a, b] = caught.caught.along ?? [caught.caught.from, caught.caught.to];
      const angle = Math.atan2(b[1] - a[1], b[0] - a[0]);
      return a[0] === b[0] && a[1] === b[1] ? null : { axes: quarterless(angle) };
    }
  }
}

/** Axes turned by a quarter are the same axes. */
function quarterless(angle: number): number {
  const quarter = Math.PI / 2;
  const rest = angle - Math.round(angle / quarter) * quarter;
  return Math.abs(rest) < 1e-9 ? 0 : rest;
}

function heldAngle(from: ModelPoint, to: ModelPoint, axes: number): number {
  const angle = Math.atan2(to.y - from.y, to.x - from.x);
  const quarter = Math.PI / 2;
  const nearest = Math.round((angle - axes) / quarter) * quarter + axes;
  return Math.abs(angle - nearest) < (7 * Math.PI) / 180 ? nearest : angle;
}

const ARROWS = { arrowright: 0, arrowup: 1, arrowleft: 2, arrowdown: 3 } as const;

/** The direction of an arrow key in the board's axes; undefined for other keys. */
export function arrowAngle(key: string, axes: number): number | undefined {
  return key in ARROWS ? axes + (ARROWS[key as keyof typeof ARROWS] * Math.PI) / 2 : undefined;
}

/** The aim one step back; null where there is nothing to step back. */
export function aimBack({ aim }: BoardState): Aim | null {
  const last = aim.measured[aim.measured.length - 1];
  if (last) return { ...aim, measured: aim.measured.slice(0, -1) };
  if (aim.base || aim.across !== null || aim.up !== null || aim.held !== null) return NO_AIM;
  return null;
}
