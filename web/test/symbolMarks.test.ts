import { describe, expect, it } from "vitest";
import { markOf, pointsOf, snapped } from "../src/board/canvas/symbolMarks";

describe("a mark of a symbol", () => {
  it("waits for its points", () => {
    expect(markOf("rectangle", [[0, 0]], "")).toBeNull();
    expect(
      markOf(
        "area",
        [
          [0, 0],
          [10, 0],
        ],
        "",
      ),
    ).toBeNull();
    expect(markOf("words", [[0, 0]], " ")).toBeNull();
    expect(pointsOf("line")).toBeNull();
    expect(pointsOf("arc")).toBe(3);
    expect(markOf("point", [[10, 0]], "")).toBeNull();
  });

  it("is drawn between its points, whichever way they were picked", () => {
    expect(
      markOf(
        "rectangle",
        [
          [300, 200],
          [100, 50],
        ],
        "",
      ),
    ).toMatchObject({ at: [100, 50], widthMm: 200, depthMm: 150 });
    expect(
      markOf(
        "oval",
        [
          [0, 0],
          [200, 100],
        ],
        "",
      ),
    ).toMatchObject({ centre: [100, 50], halfWidthMm: 100 });
  });

  it("bows the shorter way from its start to its end", () => {
    expect(
      markOf(
        "arc",
        [
          [0, 0],
          [100, 0],
          [0, 50],
        ],
        "",
      ),
    ).toMatchObject({
      radiusMm: 100,
      fromDegrees: 0,
      sweepDegrees: 90,
    });
    expect(
      markOf(
        "arc",
        [
          [0, 0],
          [0, 100],
          [50, 0],
        ],
        "",
      ),
    ).toMatchObject({ fromDegrees: 90, sweepDegrees: -90 });
  });

  it("holds to the grid, within the box", () => {
    expect(snapped([123, -40], 10, 600, 600)).toEqual([120, 0]);
    expect(snapped([904, 333], 10, 600, 600)).toEqual([600, 330]);
  });
});
