import { MM_PER_INCH, type Units } from "./units";

const INCH_PARTS = 64;

/** A length as a drafter reads it, to 0.1 mm or 1/64 in: `7200`, `12'-6 1/2"`. It reads back as the same length. */
export function printLength(mm: number, units: Units): string {
  const stepMm = units === "METRIC" ? 0.1 : MM_PER_INCH / INCH_PARTS;
  const steps = Math.floor(Math.abs(mm) / stepMm + 0.5 + 1e-9);
  const sign = mm < 0 && steps > 0 ? "-" : "";
  return sign + (units === "METRIC" ? String(steps / 10) : feetAndInches(steps));
}

/** @param parts sixty-fourths of an inch */
function feetAndInches(parts: number): string {
  const feet = Math.floor(parts / (12 * INCH_PARTS));
  const inches = Math.floor(parts / INCH_PARTS) % 12;
  const over = parts % INCH_PARTS;
  return `${feet > 0 ? `${feet}'-` : ""}${inchText(inches, over, feet > 0)}"`;
}

function inchText(inches: number, over: number, afterFeet: boolean): string {
  if (over === 0) return String(inches);
  const shared = commonDivisor(over, INCH_PARTS);
  const fraction = `${over / shared}/${INCH_PARTS / shared}`;
  return inches > 0 || afterFeet ? `${inches} ${fraction}` : fraction;
}

function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
