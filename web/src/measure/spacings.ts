import { readLength } from "./lengths";
import type { Units } from "./units";

/** Several lengths, each with how often: "3600; 2 x 4200". */
export type Spacings =
  | { readonly type: "read"; readonly mm: readonly number[] }
  | { readonly type: "unreadable"; readonly reason: string };

const TIMES = /^\s*(\d{1,2})\s*[x\u00D7]\s*(.+)$/i;

/** Reads lengths parted by semicolons. Where one may mean two, the first is meant, as in fields. */
export function readSpacings(typed: string, units: Units): Spacings {
  const mm: number[] = [];
  for (const part of typed.split(";")) {
    if (part.trim() === "") continue;
    const [, count, length] = TIMES.exec(part) ?? [null, "1", part];
    const reading = readLength(length ?? "", units);
    if (reading.type === "unreadable") return reading;
    const each = reading.type === "asks" ? reading.firstMm : reading.mm;
    for (let i = 0; i < Number(count); i++) mm.push(each);
  }
  return { type: "read", mm };
}
