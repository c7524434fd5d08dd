import { describe, expect, it } from "vitest";
import { dashesMm } from "../src/board/canvas/dashes";

describe("dashes", () => {
  it("are in widths of the line, but none is too short to see", () => {
    expect(dashesMm({ widthMm: 0.5, dash: "DASHED" })).toEqual([6, 1.5]);
    expect(dashesMm({ widthMm: 0.13, dash: "DASHED" })).toEqual([2, 0.5]);
    expect(dashesMm({ widthMm: 0.25, dash: "LONG_DASHED_DOTTED" })).toEqual([6, 0.75, 0.125, 0.75]);
    expect(dashesMm({ widthMm: 0.25, dash: "CONTINUOUS" })).toEqual([]);
  });
});
