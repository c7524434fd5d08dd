import type { Catch } from "../../api/types";
import type { ModelPoint } from "../state/view";
import { type Caught, distance, footOn, type Nearby, type Place } from "./near";

type Point = readonly [number, number];

const MOST_LINES = 8;
/** How far off a line may end that a point is caught in line with; in pixels, and never further than a room. */
const FAR_PX = 420;
const FAR_MM = 9000;

/**
 * Every place the pointer could hold to, the likeliest first: corners and lines that are drawn, their ends, middles and
 * crossings, the foot of a square from the last point, and, clear of all these, what is in line with a face.
 */
export function placesAt(
  nearby: Nearby,
  p: ModelPoint,
  reach: number,
  last?: ModelPoint,
  likes: (c: Catch) => boolean = () => true,
): Caught[] {
  const drawn = nearby.catchesAt(p, reach).filter((c) => c.caught.hold.type !== "atJamb");
  const all = preferred(
    drawn.filter((c) => isLine(c.caught)),
    likes,
  );
  const lines = distinctLines(all).slice(0, MOST_LINES);
  const liked = lines.filter((c) => likes(c.caught));
  const near = (of: readonly Caught[]) =>
    byDistance(
      [...of.flatMap(ownPlaces), ...crossings(of), ...(last ? of.flatMap(square(last)) : [])].filter(
        (c) => distance(c.at, p) <= reach,
      ),
      p,
    );
  const points = drawn.filter((c) => !isLine(c.caught));
  const found = [...distinct([...points, ...near(liked), ...near(lines)]), ...lines];
  return found.length > 0 ? found : inLine(nearby, p, reach, likes);
}

/** Those of the kind of face that is wanted first, each kind as it was. */
export function preferred(places: readonly Caught[], likes: (c: Catch) => boolean): Caught[] {
  return [...places.filter((c) => likes(c.caught)), ...places.filter((c) => !likes(c.caught))];
}

/** Of lines in one place the first. */
function distinctLines(lines: readonly Caught[]): Caught[] {
  const same = (a: Catch, b: Catch) =>
    offLine(a, b.from) < 0.01 && offLine(a, b.to) < 0.01 && offLine(b, a.from) < 0.01;
  const kept: Caught[] = [];
  for (const c of lines) if (!kept.some((k) => same(k.caught, c.caught))) kept.push(c);
  return kept;
}

function offLine(line: Catch, p: Point): number {
  return distance(footOnEndless(line, { x: p[0], y: p[1] }), { x: p[0], y: p[1] });
}

/** The shortest words for what a line is of: the wall alone for its finished face. */
function short(words: string): string {
  return words.replace(/ face$/, "");
}

/** Of two walls, or of two lines of their structures. */
function both(one: string, two: string): string {
  const [a, b] = [short(one), short(two)];
  const kind = / (?:structure|set-out line)$/.exec(a)?.[0] ?? "";
  return kind !== "" && b.endsWith(kind) ? `${a.slice(0, -kind.length)} and ${b}` : `${a} and ${b}`;
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
    place(`end of ${short(words)}`, from, caught),
    place(`end of ${short(words)}`, to, caught),
    place(`middle of ${short(words)}`, middle, caught),
  ];
}

function crossings(lines: readonly Caught[]): Caught[] {
  const found: Caught[] = [];
  lines.forEach((one, i) => {
    for (const two of lines.slice(i + 1)) {
      const at = meeting(one.caught, two.caught, true);
      if (at) found.push(place(`corner of ${both(one.caught.words, two.caught.words)}`, at, null));
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
      : [place(`square to ${short(caught.words)}`, [foot.x, foot.y], caught)];
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
function inLine(nearby: Nearby, p: ModelPoint, reach: number, likes: (c: Catch) => boolean): Caught[] {
  const far = Math.min(FAR_MM, (FAR_PX / 11) * reach);
  const lines = nearby
    .linesAround(p, far)
    .filter(likes)
    .map((caught) => ({ caught, at: footOnEndless(caught, p) }))
    .filter((c) => distance(c.at, p) <= reach)
    .sort((a, b) => distance(a.at, p) - distance(b.at, p));
  const [nearest] = lines;
  if (!nearest) return [];
  const one = place(`in line with ${short(nearest.caught.words)}`, [nearest.at.x, nearest.at.y], null);
  for (const other of lines.slice(1)) {
    const at = meeting(nearest.caught, other.caught, false);
    if (!at || distance({ x: at[0], y: at[1] }, p) > reach * 1.5) continue;
    return [place(`in line with ${both(nearest.caught.words, other.caught.words)}`, at, null), one];
  }
  return [one];
}

function footOnEndless({ from, to }: Catch, p: ModelPoint): ModelPoint {
  const dx = to[0] - from[0];
  const dy = to[1] - from[1];
  const part = ((p.x - from[0]) * dx + (p.y - from[1]) * dy) / (dx * dx + dy * dy);
  return { x: from[0] + dx * part, y: from[1] + dy * part };
}
