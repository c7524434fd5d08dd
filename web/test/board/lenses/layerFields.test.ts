import { describe, expect, it } from "vitest";
import type { LayerField } from "../../../src/api/types";
import { inWords, nameOf, tellsOf } from "../../../src/board/lenses/layerFields";

const field = (name: string, length: number, needed: boolean, ...codes: string[]): LayerField => ({
  name,
  length,
  needed,
  codes: codes.map((c) => ({ code: c.slice(0, length), words: c.slice(length + 1) })),
});

const FIELDS = [
  field("Responsible", 2, true, "A- architect", "S- structural engineer"),
  field("Element", 6, true),
  field("Presentation", 2, true, "E- the element itself", "T- text"),
  field("State", 1, false, "N new", "E existing"),
  field("Sector", 4, false),
];

const words = (name: string) => {
  const told = tellsOf(name, FIELDS);
  return told && inWords(told);
};

describe("names of layers by fields", () => {
  it("tells what the fields say", () => {
    expect(words("A-2110--E-")).toBe("architect, 2110, the element itself");
    expect(words("S-------T-E Beams above")).toBe("structural engineer, text, existing");
    expect(words("A-2110--E--B2--")).toBe("architect, 2110, the element itself, B2");
  });

  it("leaves free names alone", () => {
    for (const name of ["", "Walls", "A-2110--", "X-2110--E-", "A-2110--Q-", "A-21 10-E-", "A-2110--E-Q"])
      expect(words(name), name).toBeNull();
  });

  it("makes the names that it reads", () => {
    const made = nameOf({ Responsible: "A-", Element: "2110", Presentation: "E-" }, FIELDS, "Outside walls");
    expect(made).toBe("A-2110--E- Outside walls");
    expect(words(made ?? "")).toBe("architect, 2110, the element itself");
    expect(nameOf({ Responsible: "S-", Presentation: "T-", Sector: "B2" }, FIELDS, "")).toBe(
      "S-------T--B2--",
    );
    expect(nameOf({ Responsible: "S-", Element: "21 10" }, FIELDS, "")).toBeNull();
  });
});
