import { describe, expect, it } from "vitest";
import type { Element, Offered } from "../src/api/types";
import { usualLens, usualMaterial } from "../src/board/state/usual";
import { boardStore } from "./board";

const sources = import.meta.glob<string>("../src/**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
});

describe("the page", () => {
  it("names nothing of the stock: which of it a tool starts with is said by the trade region", () => {
    const named = /"(material|build-up|lens|layer|symbol|clause|string-style|title-block)-[a-z]/;
    const naming = Object.entries(sources)
      .filter(([file, text]) => !file.endsWith("schema.ts") && named.test(text.replace('"symbol-own"', "")))
      .map(([file]) => file);
    expect(Object.keys(sources).length).toBeGreaterThan(100);
    expect(naming).toEqual([]);
  });
});

describe("what tools start with", () => {
  const stock = { board: "b", mass: "gone", elevations: "gone", roofPlan: "gone" };
  const board = (...more: object[]) =>
    boardStore({
      elements: new Map(more.map((e) => [(e as Element).id, e as Element])),
      offered: { stock } as unknown as Offered,
    }).getState();

  it("is what the region says, or another of its kind where a project has not got that", () => {
    const state = board({ type: "material", id: "a" }, { type: "material", id: "b" });
    expect(usualMaterial(state, "board")).toBe("b");
    expect(usualMaterial(state, "mass")).toBe("a");
    expect(usualMaterial(board(), "mass")).toBe("");
  });

  it("is a lens that looks from above for roofs, and none where there are no lenses", () => {
    const state = board(
      { type: "lens", id: "l", roofs: "NONE" },
      { type: "lens", id: "r", roofs: "FROM_ABOVE" },
    );
    expect(usualLens(state, "roofPlan")).toBe("r");
    expect(usualLens(state, "elevations")).toBe("l");
    expect(usualLens(board(), "elevations")).toBeNull();
  });
});
