import { describe, expect, it } from "vitest";
import table from "../../core/src/test/resources/org/leanlintel/core/picture/hatches.tsv?raw";
import { hatchLines, waveLine } from "../src/board/canvas/hatches";

type Point = readonly [number, number];

const pen = { widthMm: 0.18, dash: "CONTINUOUS", ink: "" } as const;
const numbers = (text: string) => text.split(",").map(Number);
const point = (text: string): [number, number] => [numbers(text)[0] ?? 0, numbers(text)[1] ?? 0];
const lines = (text: string) => text.split(";").map((line) => line.split(" ").map(point));

function close(drawn: readonly (readonly Point[])[], expected: readonly (readonly Point[])[]): void {
  expect(drawn.length).toBe(expected.length);
  drawn.forEach((line, i) => {
    expect(line.length).toBe(expected[i]?.length);
    line.forEach((p, j) => {
      expect(p[0]).toBeCloseTo(expected[i]?.[j]?.[0] ?? Number.NaN, 2);
      expect(p[1]).toBeCloseTo(expected[i]?.[j]?.[1] ?? Number.NaN, 2);
    });
  });
}

describe("hatches are drawn as the core draws them", () => {
  for (const row of table.trim().split("\n").slice(1)) {
    const [kind = "", name = "", area = "", facts = "", expected = ""] = row.split("\t");
    it(name, () => {
      if (kind === "wave") {
        const [from, to, across] = (lines(area)[0] ?? []) as [
          [number, number],
          [number, number],
          [number, number],
        ];
        const [halves = 0, steps = 0] = numbers(facts);
        close([waveLine({ type: "wave", pen, from, to, across, halves, steps })], lines(expected));
      } else {
        const [pitch = 0, x = 0, y = 0, ...degrees] = numbers(facts);
        close(
          hatchLines({ type: "hatch", pen, rings: lines(area), degrees, origin: [x, y], pitch }),
          lines(expected),
        );
      }
    });
  }
});
