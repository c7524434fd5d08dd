import type { Catch } from "../api/types";
import { type Caught, distance, footOn, type Nearby, type Place } from "./near";
import type { ModelPoint } from "./view";

type Point = readonly [number, number];

const MOST_LINES = 8;
/** How far off a line may end that a point is caught in line with; in pixels, and never further than a room. */
const FAR_PX = 420;
const FAR_MM = 9000;

/**
 * Every place the pointer could hold to, the likeliest first: corners and lines that are drawn, their ends, middles and
 * crossings, the foot of a square from the last point, and, clear of all these, what is in line with a face.
 */
export function placesAt(nearby: Nearby, p: ModelPoint, reach: number, last?: ModelPoint): Caught[] {
  const drawn = nearby.catchesAt(p, reach).filter((c) => c.caught.hold.type !== "atJamb");
  const lines = drawn.filter((c) => isLine(c.caught)).slice(0, MOST_LINES);
  const points = [
    ...lines.flatMap(ownPlaces),
    ...crossings(lines),
    ...(last ? lines.flatMap(square(last)) : []),
  ];
  const near = points.filter((c) => distance(c.at, p) <= reach);
  const all = distinct([...drawn.filter((c) => !isLine(c.caught)), ...byDistance(near, p)]);
  const found = [...all, ...drawn.filter((c) => isLine(c.caught))];
  return found.length > 0 ? found : inLine(nearby, p, reach);
}

function isLine({ from, to }: Catch): boolean {
  return from[0] !== to[0] || from[1] !== to[1];
}

function place(words: string, at: Point, of: Place | null): Caught {
  const hold =
    of?.hold.type === "onFace"
      ? of.hold
      : { type: "atPoint" as const, at: [at[0], at[1]] as [number, number] };
  const along = of ? { along: [of.from, of.to] as const } : {};
  const where: [number, number] = [at[0], at[1]];
  return { at: { x: at[0], y: at[1] }, caught: { words, hold, from: where, to: where, ...along } };
}

function ownPlaces({ caught }: Caught): Caught[] {
  const { from, to, words } = caught;
  const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  return [
    place(`end of ${words}`, from, caught),
    place(`end of ${words}`, to, caught),
    place(`middle of ${words}`, middle, caught),
  ];
}

function crossings(lines: readonly Caught[]): Caught[] {
  const found: Caught[] = [];
  lines.forEach((one, i) => {
    for (const two of lines.slice(i + 1)) {
      const at = meeting(one.caught, two.caught, true);
      if (at) found.push(place(`${one.caught.words} crosses ${two.caught.words}`, at, null));
    }
  });
  return found;
}

/** Where two lines meet; null where they are parallel or, within their lengths, do not. */
function meeting(one: Catch, two: Catch, within: boolean): Point | null {
  const ax = one.to[0] - one.from[0];
  const ay = one.to[1] - one.from[1];
  const bx = two.to[0] - two.from[0];
  const by = two.to[1] - two.from[1];
  const sine = ax * by - ay * bx;
  if (Math.abs(sine) < 1e-3 * Math.hypot(ax, ay) * Math.hypot(bx, by)) return null;
  const s = ((two.from[0] - one.from[0]) * by - (two.from[1] - one.from[1]) * bx) / sine;
  const t = ((two.from[0] - one.from[0]) * ay - (two.from[1] - one.from[1]) * ax) / sine;
  if (within && (s < 0 || s > 1 || t < 0 || t > 1)) return null;
  return [one.from[0] + ax * s, one.from[1] + ay * s];
}

/** The foot of a square from the last point, where it falls within the line. */
function square(last: ModelPoint) {
  return ({ caught }: Caught): Caught[] => {
    const foot = footOn(caught.from, caught.to, last);
    const ends = [caught.from, caught.to].some((e) => distance(foot, { x: e[0], y: e[1] }) < 0.01);
    return ends || distance(foot, last) < 1
      ? []
      : [place(`square to ${caught.words}`, [foot.x, foot.y], caught)];
  };
}

function byDistance(places: readonly Caught[], p: ModelPoint): Caught[] {
  return places.toSorted((a, b) => distance(a.at, p) - distance(b.at, p));
}

function distinct(places: readonly Caught[]): Caught[] {
  const kept: Caught[] = [];
  for (const c of places) if (!kept.some((k) => distance(k.at, c.at) < 0.01)) kept.push(c);
  return kept;
}

/** In line with a face further on; where two such lines cross near the pointer, there. */
function inLine(nearby: Nearby, p: ModelPoint, reach: number): Caught[] {
  const far = Math.min(FAR_MM, (FAR_PX / 11) * reach);
  const lines = nearby
    .linesAround(p, far)
    .map((caught) => ({ caught, at: footOnEndless(caught, p) }))
    .filter((c) => distance(c.at, p) <= reach)
    .sort((a, b) => distance(a.at, p) - distance(b.at, p));
  const [nearest] = lines;
  if (!nearest) return [];
  const one = place(`in line with ${nearest.caught.words}`, [nearest.at.x, nearest.at.y], null);
  for (const other of lines.slice(1)) {
    const at = meeting(nearest.caught, other.caught, false);
    if (!at || distance({ x: at[0], y: at[1] }, p) > reach * 1.5) continue;
    return [place(`in line with ${nearest.caught.words} and ${other.caught.words}`, at, null), one];
  }
  return [one];
}

function footOnEndless({ from, to }: Catch, p: ModelPoint): ModelPoint {
  const dx = to[0] - from[0];
  const dy = to[1] - from[1];
  const part = ((p.x - from[0]) * dx + (p.y - from[1]) * dy) / (dx * dx + dy * dy);
  return { x: from[0] + dx * part, y: from[1] + dy * part };
}
