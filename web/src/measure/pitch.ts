import type { Pitch } from "../api/types";

export type PitchReading =
  | { readonly type: "read"; readonly pitch: Pitch }
  | { readonly type: "unreadable"; readonly reason: string };

const NUMBER = "(\\d+(?:[.,]\\d+)?)";
const BARE = new RegExp(`^${NUMBER}$`);
const DEGREES = new RegExp(`^${NUMBER}\\s*(?:°|deg(?:rees)?)$`, "i");
const RATIO = new RegExp(`^${NUMBER}\\s*(?::|/|in)\\s*${NUMBER}$`, "i");

const HINT = "A pitch is typed as 35 or 35°, as 6:12, or as 1:60.";

/**
 * A pitch as people type it: degrees, a rise in 12, or one in so many. A bare number is degrees where lengths are metric,
 * a rise in 12 where they are in feet and inches.
 */
export function readPitch(text: string, bare: Pitch["said"]): PitchReading {
  const words = text.trim();
  const ratio = RATIO.exec(words);
  if (ratio) return ofRatio(value(ratio[1]), value(ratio[2]));
  const degrees = DEGREES.exec(words);
  if (degrees) return read("DEGREES", value(degrees[1]));
  const number = BARE.exec(words);
  return number ? read(bare, value(number[1])) : { type: "unreadable", reason: HINT };
}

function value(digits: string | undefined): number {
  return Number((digits ?? "").replace(",", "."));
}

function ofRatio(rise: number, run: number): PitchReading {
  if (run === 12) return read("IN_TWELVE", rise);
  if (rise === 1) return read("ONE_IN", run);
  return { type: "unreadable", reason: `${HINT} ${rise}:${run} is neither in 12 nor one in so many.` };
}

function read(said: Pitch["said"], of: number): PitchReading {
  return of > 0 ? { type: "read", pitch: { said, value: of } } : { type: "unreadable", reason: HINT };
}

/** As it was said. */
export function pitchWords({ said, value: of }: Pitch): string {
  if (said === "IN_TWELVE") return `${of}:12`;
  return said === "ONE_IN" ? `1:${of}` : `${of}°`;
}
