import { describe, expect, it } from "vitest";
import { drawingOf } from "../src/board/state/drawings";
import type { Elements } from "../src/board/state/state";

const drawing = (id: string, element: string, frame: "all" | "part") =>
  ({ type: "drawing", id, order: 0, subject: { type: "one", element }, frame: { type: frame } }) as const;

const holding = (...drawings: readonly { readonly id: string }[]): Elements =>
  ({ elements: new Map(drawings.map((d) => [d.id, d])) }) as unknown as Elements;

describe("the drawing of a section line", () => {
  it("is the whole section, not a detail of it that was drawn before", () => {
    const state = holding(
      drawing("a", "line", "part"),
      drawing("b", "line", "all"),
      drawing("c", "other", "all"),
    );
    expect(drawingOf(state, "line")?.id).toBe("b");
  });

  it("is a detail where there is nothing else, and nothing where there is none", () => {
    expect(drawingOf(holding(drawing("a", "line", "part")), "line")?.id).toBe("a");
    expect(drawingOf(holding(drawing("c", "other", "all")), "line")).toBeUndefined();
  });
});
