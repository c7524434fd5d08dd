import table from "../../../../formats/src/main/resources/standard/line-types.tsv?raw";
import type { Pen } from "../../api/types";

/** Line types of the office standard: dashes and gaps in widths of the line. */
const ROWS = new Map(
  table
    .trim()
    .split("\n")
    .filter((line) => !line.startsWith("#"))
    .map((line) => line.split("\t"))
    .map(([name = "", ...numbers]) => [name, numbers.map(Number)]),
);

/** Dashes and gaps in turn, in millimetres on paper; none for an unbroken line. */
export function dashesMm({ dash, widthMm }: Pick<Pen, "dash" | "widthMm">): readonly number[] {
  const multiples = ROWS.get(dash) ?? [];
  const [first] = multiples;
  if (first === undefined) return [];
  const unit = Math.max(widthMm, (ROWS.get("SHORTEST_MM")?.[0] ?? 0) / first);
  return multiples.map((part) => part * unit);
}
