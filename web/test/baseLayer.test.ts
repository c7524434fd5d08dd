import { describe, expect, it } from "vitest";
import type { Group } from "../src/api/types";
import { changedGroups } from "../src/board/canvas/baseLayer";

const group = (element: string): Group => ({
  element,
  layer: "l",
  items: [],
  catches: [],
  ground: [],
  drawing: null,
});

describe("what is drawn again", () => {
  it("is what was put, replaced or taken away, and nothing else", () => {
    const [a, b, c, changed] = [group("a"), group("b"), group("c"), group("b")];
    const before = new Map([a, b].map((g) => [g.element, g]));
    const after = new Map([a, changed, c].map((g) => [g.element, g]));
    expect(changedGroups(before, after)).toEqual([b, changed, c]);
    expect(changedGroups(after, after)).toEqual([]);
    expect(changedGroups(after, new Map())).toHaveLength(3);
  });
});
