import { describe, expect, it } from "vitest";
import { readSpacings } from "../src/measure/spacings";

describe("lengths in a row", () => {
  it("are parted by semicolons, and may say how often", () => {
    expect(readSpacings("3600; 2 x 4200;", "METRIC")).toEqual({ type: "read", mm: [3600, 4200, 4200] });
    expect(readSpacings("", "METRIC")).toEqual({ type: "read", mm: [] });
    expect(readSpacings("2 x 12'; 6\"", "FEET_INCHES")).toEqual({
      type: "read",
      mm: [3657.6, 3657.6, 152.4],
    });
  });

  it("say which cannot be read", () => {
    expect(readSpacings("3600; wide", "METRIC")).toMatchObject({ type: "unreadable" });
  });
});
