import { describe, expect, it } from "vitest";
import { pitchWords, readPitch } from "../src/measure/pitch";

describe("pitches as they are typed", () => {
  it.each([
    ["35", "35°"],
    ["35°", "35°"],
    ["22,5 deg", "22.5°"],
    ["6:12", "6:12"],
    ["4 / 12", "4:12"],
    ["4 in 12", "4:12"],
    ["1:60", "1:60"],
    ["1:12", "1:12"],
  ])("reads %s", (typed, kept) => {
    const reading = readPitch(typed, "DEGREES");
    expect(reading.type === "read" && pitchWords(reading.pitch)).toBe(kept);
  });

  it("takes a bare number as people there say pitches", () => {
    const reading = readPitch("6", "IN_TWELVE");
    expect(reading.type === "read" && pitchWords(reading.pitch)).toBe("6:12");
  });

  it.each(["", "steep", "0", "3:7", "-20"])("refuses %s with a hint", (typed) => {
    const reading = readPitch(typed, "DEGREES");
    expect(reading.type === "unreadable" && reading.reason).toContain("35°");
  });
});
