import type { UnitSystem } from "../../api/types";

/** Scales offered, as the number under the line with the words for it. */
export const SCALES: Readonly<Record<UnitSystem, readonly (readonly [number, string])[]>> = {
  METRIC: [5, 10, 20, 25, 50, 100, 200].map((n) => [n, `1:${n}`] as const),
  FEET_INCHES: [
    [4, '3" = 1\'-0"'],
    [8, '1 1/2" = 1\'-0"'],
    [12, '1" = 1\'-0"'],
    [16, '3/4" = 1\'-0"'],
    [24, '1/2" = 1\'-0"'],
    [32, '3/8" = 1\'-0"'],
    [48, '1/4" = 1\'-0"'],
    [96, '1/8" = 1\'-0"'],
    [192, '1/16" = 1\'-0"'],
  ],
};

/** The scale that part plans begin with. */
export const LARGE: Readonly<Record<UnitSystem, number>> = { METRIC: 20, FEET_INCHES: 24 };

/** The scale that details of sections and elevations begin with. */
export const DETAIL: Readonly<Record<UnitSystem, number>> = { METRIC: 10, FEET_INCHES: 12 };

export function scaleWords(scale: number, units: UnitSystem): string {
  return SCALES[units].find(([n]) => n === scale)?.[1] ?? `1:${scale}`;
}
