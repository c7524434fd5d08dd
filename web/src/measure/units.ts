export type Units = "METRIC" | "FEET_INCHES";

export const MM_PER_INCH = 25.4;
export const MM_PER_FOOT = 12 * MM_PER_INCH;

export function mmPerBareUnit(units: Units): number {
  return units === "METRIC" ? 1 : MM_PER_INCH;
}
