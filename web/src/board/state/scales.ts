import type { UnitSystem } from "../../api/types";

/** Scales offered, as the number under the line with the words for it. */
export const SCALES: Readonly<Record<UnitSystem, readonly (readonly [number, string])[]>> = {
  METRIC: [10, 20, 25, 50, 100, 200].map((n) => [n, `1:${n}`] as const),
  FEET_INCHES: [
    [12, '1" = 1\'-0"'],
    [24, '1/2" = 1\'-0"'],
    [48, '1/4" = 1\'-0"'],
    [96, '1/8" = 1\'-0"'],
    [192, '1/16" = 1\'-0"'],
  ],
};

/** The scale that part plans begin with. */
export const LARGE: Readonly<Record<UnitSystem, number>> = { METRIC: 20, FEET_INCHES: 24 };

export function scaleWords(scale: number, units: UnitSystem): string {
  return SCALES[units].find(([n]) => n === scale)?.[1] ?? `1:${scale}`;
}
