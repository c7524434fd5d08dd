import Flatbush from "flatbush";
import type { Catch, Group, Hold, Item } from "../../api/types";
import { boxOf } from "../canvas/boxes";
import type { ModelPoint } from "../state/view";

type Point = readonly [number, number];

/** What is caught; of a point on a line, the line too. */
export interface Place extends Catch {
  readonly along?: readonly [Point, Point];
  /** Of what stands in the drawing behind: what a dimension holds to there. Nothing that is built does. */
  readonly behind?: Hold;
}

/** A caught place: the catch and the point on it. */
export interface Caught {
  readonly at: ModelPoint;
  readonly caught: Place;
}

/** How much further off a thing behind the drawing counts as, as a part of the reach. */
const BEHIND = 0.1;

/** Finds what lies near a point: catches to hold to, and elements to pick. Made anew for every picture. */
export class Nearby {
  private readonly catches: readonly Place[];
  private readonly catchIndex: Flatbush | null;
  private readonly groups: readonly Group[];
  private readonly groupIndex: Flatbush | null;

  /** @param traced lines of pages to trace from */
  constructor(
    groups: Iterable<Group>,
    private readonly scale: number,
    traced: readonly Place[] = [],
  ) {
    const all = [...groups];
    this.catches = [...all.flatMap((g) => g.catches), ...traced];
    this.catchIndex = index(
      this.catches.map((c) => [
        Math.min(c.from[0], c.to[0]),
        Math.min(c.from[1], c.to[1]),
        Math.max(c.from[0], c.to[0]),
        Math.max(c.from[1], c.to[1]),
      ]),
    );
    const boxed = all.flatMap((group) => {
      const box = boxOf([group], scale);
      return box ? [{ group, box }] : [];
    });
    this.groups = boxed.map((b) => b.group);
    this.groupIndex = index(boxed.map(({ box }) => [box.minX, box.minY, box.maxX, box.maxY]));
  }

  /** Catches within reach, nearest first; points come before lines. */
  catchesAt(p: ModelPoint, reach: number): Caught[] {
    const found = this.catchIndex?.search(p.x - reach, p.y - reach, p.x + reach, p.y + reach) ?? [];
    return found
      .flatMap((i) => {
        const caught = this.catches[i];
        return caught ? [{ caught, at: footOn(caught.from, caught.to, p) }] : [];
      })
      .filter((c) => distance(c.at, p) <= reach)
      .sort((a, b) => rank(a, p, reach) - rank(b, p, reach));
  }

  /** What a dimension may hold to within reach, in this drawing or in that behind it. */
  holdsAt(p: ModelPoint, reach: number): Caught[] {
    return this.catchesAt(p, reach).map(({ at, caught }) => ({
      at,
      caught: { ...caught, hold: caught.behind ?? caught.hold },
    }));
  }

  /** The straight lines to catch that pass within `far` of a point. */
  linesAround(p: ModelPoint, far: number): Catch[] {
    const found = this.catchIndex?.search(p.x - far, p.y - far, p.x + far, p.y + far) ?? [];
    return found
      .flatMap((i) => this.catches[i] ?? [])
      .filter((c) => c.hold.type === "onFace" && (c.from[0] !== c.to[0] || c.from[1] !== c.to[1]));
  }

  /** The elements at a point, smallest first. */
  elementsAt(p: ModelPoint, reach: number): string[] {
    const found = this.groupIndex?.search(p.x - reach, p.y - reach, p.x + reach, p.y + reach) ?? [];
    return found
      .flatMap((i) => this.groups[i] ?? [])
      .filter(
        (g) =>
          g.ground.some((ring) => inside(ring, p)) ||
          g.items.some((item) => touches(item, p, reach, this.scale)),
      )
      .sort((a, b) => areaOf(a, this.scale) - areaOf(b, this.scale))
      .map((g) => g.element);
  }
}

function index(boxes: readonly (readonly [number, number, number, number])[]): Flatbush | null {
  if (boxes.length === 0) return null;
  const flatbush = new Flatbush(boxes.length);
  for (const box of boxes) flatbush.add(...box);
  flatbush.finish();
  return flatbush;
}

/** Points come before lines; of what lies in one place, what stands in this drawing before what stands behind it. */
function rank(c: Caught, p: ModelPoint, reach: number): number {
  const isPoint = c.caught.from[0] === c.caught.to[0] && c.caught.from[1] === c.caught.to[1];
  return distance(c.at, p) - (isPoint ? reach : 0) + (c.caught.behind ? reach * BEHIND : 0);
}

function areaOf(group: Group, scale: number): number {
  const box = boxOf([group], scale);
  return box ? (box.maxX - box.minX) * (box.maxY - box.minY) : 0;
}

export function distance(a: ModelPoint, b: ModelPoint): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}

/** The point of a segment nearest to p. */
export function footOn(from: Point, to: Point, p: ModelPoint): ModelPoint {
  const dx = to[0] - from[0];
  const dy = to[1] - from[1];
  const squared = dx * dx + dy * dy;
  const part =
    squared === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - from[0]) * dx + (p.y - from[1]) * dy) / squared));
  return { x: from[0] + dx * part, y: from[1] + dy * part };
}

function touches(item: Item, p: ModelPoint, reach: number, scale: number): boolean {
  switch (item.type) {
    case "fill":
      return inside(item.ring, p);
    case "strokes":
      return item.role !== "HATCH" && item.lines.some((line) => nearLine(line, p, reach));
    case "arc":
      return (
        Math.abs(distance({ x: item.centre[0], y: item.centre[1] }, p) - item.radius) <= reach &&
        swept(item, p)
      );
    case "hatch":
    case "wave":
    case "image":
    case "traced":
      return false;
    case "text": {
      const box = boxOf([{ items: [item] }], scale);
      return box !== null && p.x >= box.minX && p.x <= box.maxX && p.y >= box.minY && p.y <= box.maxY;
    }
  }
}

function swept(arc: Extract<Item, { type: "arc" }>, p: ModelPoint): boolean {
  const angle = Math.atan2(p.y - arc.centre[1], p.x - arc.centre[0]);
  const turn = 2 * Math.PI;
  const along = (((angle - arc.from) * Math.sign(arc.sweep)) % turn) + turn;
  return along % turn <= Math.abs(arc.sweep);
}

function nearLine(line: readonly Point[], p: ModelPoint, reach: number): boolean {
  for (let i = 1; i < line.length; i++) {
    const from = line[i - 1];
    const to = line[i];
    if (from && to && distance(footOn(from, to, p), p) <= reach) return true;
  }
  return false;
}

/** Whether a point lies in a ring, whichever way it runs. */
export function inside(ring: readonly Point[], p: ModelPoint): boolean {
  let is = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const a = ring[i];
    const b = ring[j];
    if (a && b && a[1] > p.y !== b[1] > p.y && p.x < ((b[0] - a[0]) * (p.y - a[1])) / (b[1] - a[1]) + a[0])
      is = !is;
  }
  return is;
}
