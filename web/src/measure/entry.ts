import { isTooLong, type LengthReading, readLength, spaced, TOO_LONG } from "./lengths";
import type { Units } from "./units";

/** What was typed into the entry line: a length, two of them, an angle, or a length and the angle it runs at. */
export interface EntryReading {
  readonly length: LengthReading | null;
  readonly second: LengthReading | null;
  /** Counter-clockwise from the axis that runs across. */
  readonly degrees: number | null;
  /** Why the angle cannot be read; a length says so itself. */
  readonly fault: string | null;
}

export const NOTHING_READ: EntryReading = { length: null, second: null, degrees: null, fault: null };
const ANGLE = /^(?<length>.*?)\s*\bat\s+(?<angle>.*)$/;
const TWO = /^(?<first>.+?)\s*(?:x|\u00D7|\bby\b)\s*(?<second>.+)$/;
const DEGREES = /^(?<n>[-\u2212]?\d+(?:[.,]\d+)?)\s*(?:\u00B0|deg|degrees)?$/;

let last: { readonly typed: string; readonly units: Units; readonly reading: EntryReading } | null = null;

/** Remembers the last text it read, since everything on the board asks for it. */
export function readEntry(typed: string, units: Units): EntryReading {
  if (last?.typed !== typed || last.units !== units) last = { typed, units, reading: readAnew(typed, units) };
  return last.reading;
}

function readAnew(typed: string, units: Units): EntryReading {
  const text = spaced(typed);
  if (isTooLong(text)) return { ...NOTHING_READ, fault: TOO_LONG };
  const angle = ANGLE.exec(text)?.groups;
  if (angle) return withAngle(angle.length ?? "", angle.angle ?? "", units);
  const two = TWO.exec(text)?.groups;
  if (two) {
    const [length, second] = [readLength(two.first ?? "", units), readLength(two.second ?? "", units)];
    return { ...NOTHING_READ, length, second };
  }
  return { ...NOTHING_READ, length: readLength(text, units) };
}

function withAngle(words: string, angle: string, units: Units): EntryReading {
  const length = words.trim() === "" ? null : readLength(words, units);
  const n = DEGREES.exec(angle)?.groups?.n;
  if (n === undefined) {
    const fault =
      angle === ""
        ? 'Type the angle in degrees behind "at".'
        : `"${angle}" is not an angle: type degrees, as in "at 30" or "at 22.5".`;
    return { ...NOTHING_READ, length, fault };
  }
  const degrees = Number(n.replace("\u2212", "-").replace(",", "."));
  return Math.abs(degrees) <= 360
    ? { ...NOTHING_READ, length, degrees }
    : { ...NOTHING_READ, length, fault: "An angle lies between -360 and 360 degrees." };
}
