import type { Item } from "../../api/types";

type Point = readonly [number, number];
type Line = readonly Point[];

/** Shorter than that, in picture millimetres, nothing is drawn. */
const LEAST_MM = 1e-6;

/** The lines that a hatch stands for, as the core works them out: `hatches.tsv` holds both to the same. */
export function hatchLines(item: Extract<Item, { type: "hatch" }>): Line[] {
  return item.degrees.flatMap((degrees) => family(item, (degrees / 180) * Math.PI));
}

/** Where lines of one angle cross the rings they go in and out by turns. */
function family({ rings, origin, pitch }: Extract<Item, { type: "hatch" }>, angle: number): Line[] {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const along = ([x, y]: Point) => x * cos + y * sin;
  const across = ([x, y]: Point) => y * cos - x * sin;
  const base = across(origin);
  const crossings = new Map<number, number[]>();
  for (const ring of rings) {
    ring.forEach((p, i) => {
      const q = ring[(i + 1) % ring.length] ?? p;
      const dp = (across(p) - base) / pitch;
      const dq = (across(q) - base) / pitch;
      for (let k = Math.ceil(Math.min(dp, dq)); k < Math.max(dp, dq); k++) {
        const at = along(p) + ((along(q) - along(p)) * (k - dp)) / (dq - dp);
        const known = crossings.get(k);
        if (known) known.push(at);
        else crossings.set(k, [at]);
      }
    });
  }
  const lines: Line[] = [];
  for (const [k, places] of [...crossings].sort(([a], [b]) => a - b)) {
    const level = base + k * pitch;
    const place = (s: number): Point => [s * cos - level * sin, s * sin + level * cos];
    places.sort((a, b) => a - b);
    for (let i = 1; i < places.length; i += 2) {
      const [from, to] = [places[i - 1] ?? 0, places[i] ?? 0];
      if (to - from > LEAST_MM) lines.push([place(from), place(to)]);
    }
  }
  return lines;
}

/** The bent line of a wave. */
export function waveLine({ from, to, across, halves, steps }: Extract<Item, { type: "wave" }>): Line {
  const pieces = halves * steps;
  return Array.from({ length: pieces + 1 }, (_, i): Point => {
    const part = i / pieces;
    const risen = 0.5 - 0.5 * Math.cos(Math.PI * halves * part);
    return [
      from[0] + (to[0] - from[0]) * part + across[0] * risen,
      from[1] + (to[1] - from[1]) * part + across[1] * risen,
    ];
  });
}
