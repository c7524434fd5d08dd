import { describe, expect, it } from "vitest";
import type { Group } from "../src/api/types";
import { boxOf } from "../src/board/canvas/boxes";

const group = (...items: Group["items"]): Group => ({
  element: "e",
  layer: "l",
  items,
  catches: [],
  ground: [],
  drawing: null,
});

describe("how far a group reaches", () => {
  it("counts lines, fills and the ends of arcs", () => {
    const pen = { widthMm: 0.25, dash: "CONTINUOUS", ink: "" } as const;
    const box = boxOf(
      [
        group(
          {
            type: "strokes",
            role: "EDGE",
            pen,
            lines: [
              [
                [0, 0],
                [100, 50],
              ],
            ],
          },
          { type: "arc", role: "DOOR_SWING", pen, centre: [0, 0], radius: 200, from: 0, sweep: -Math.PI / 2 },
        ),
      ],
      50,
    );
    expect(box?.maxX).toBeCloseTo(200);
    expect(box?.minY).toBeCloseTo(-200);
    expect(box?.maxY).toBe(50);
  });

  it("turns texts with their angle, in paper millimetres times the scale", () => {
    const run = { letters: "1000", right: 0, up: 0, height: 2.5 };
    const level = boxOf(
      [group({ type: "text", text: "1000", at: [0, 0], angle: 0, strong: false, runs: [run], ink: "" })],
      50,
    );
    const upright = boxOf(
      [
        group({
          type: "text",
          text: "1000",
          at: [0, 0],
          angle: Math.PI / 2,
          strong: false,
          runs: [run],
          ink: "",
        }),
      ],
      50,
    );
    expect(level?.maxY).toBeCloseTo(125);
    expect(upright?.maxY).toBeCloseTo(level?.maxX ?? 0);
    expect(upright?.minX).toBeCloseTo(-125);
  });

  it("knows about how wide words are in the letters of drawings", () => {
    const wide = (letters: string) => {
      const runs = [{ letters, right: 0, up: 0, height: 2.5 }];
      const text = { type: "text" as const, text: letters, at: [0, 0] as [number, number], angle: 0, runs };
      return boxOf([group({ ...text, strong: false, ink: "" })], 1)?.maxX ?? 0;
    };
    for (const [letters, mm] of [
      ["Bricks that are sound are cleaned and kept", 58.9],
      ["WMW MOWN", 17.2],
      ["1100 2440", 13.4],
      ["illicit fit", 10.5],
    ] as const)
      expect(Math.abs(wide(letters) / mm - 1)).toBeLessThan(0.13);
  });

  it("has nothing to say of nothing", () => {
    expect(boxOf([group()], 50)).toBeNull();
  });
});
