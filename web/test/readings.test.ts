import { describe, expect, it } from "vitest";
import table from "../../core/src/test/resources/org/leanlintel/core/measure/readings.tsv?raw";
import { readEntry } from "../src/measure/entry";
import type { LengthReading } from "../src/measure/lengths";
import { printLength } from "../src/measure/print";
import type { Units } from "../src/measure/units";

const number = (n: number) =>
  Math.abs(n) < 1e9 ? n.toFixed(6) : n.toExponential(0).replace(/e([+-])(\d)$/, "e$10$2");

const printed = (mm: number, units: Units) => `${number(mm)} = ${printLength(mm, units)}`;

function words(reading: LengthReading | null, units: Units): string {
  switch (reading?.type) {
    case undefined:
      return "";
    case "read":
      return `= ${printed(reading.mm, units)}`;
    case "asks":
      return `? ${printed(reading.firstMm, units)} ? ${printed(reading.secondMm, units)}`;
    case "unreadable":
      return `! ${reading.reason}`;
  }
}

const plain = (text: string) =>
  text.replace(/\\u([0-9a-f]{4})/g, (_, hex) => String.fromCharCode(Number.parseInt(hex, 16)));

describe("lengths typed on the page", () => {
  it("are read and printed as the core reads and prints them, for every line of its table", () => {
    const lines = table.split("\n").filter((l) => l !== "");
    expect(lines.length).toBeGreaterThan(2900);
    const wrong = lines.filter((line) => {
      const [typed = "", units = "", ...said] = line.split("\t").map(plain);
      const read = readEntry(typed, units as Units);
      const degrees = read.degrees === null ? "" : number(read.degrees);
      const here = [
        words(read.length, units as Units),
        words(read.second, units as Units),
        degrees,
        read.fault ?? "",
      ];
      return JSON.stringify(here) !== JSON.stringify(said);
    });
    expect(wrong).toEqual([]);
  });
});
