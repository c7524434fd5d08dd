import { describe, expect, it } from "vitest";
import { backdropOf } from "../src/board/canvas/backdrop";
import { bare } from "../src/board/catch/points";
import { editMeant, fresh, toolOf } from "../src/board/tools";
import { rectangleRing } from "../src/board/tools/parts/outline";
import { layoutOf, shapeOf } from "../src/board/tools/parts/stairs";
import { boardStore } from "./board";

const LAID = { side: "LEFT", first: 7, wellMm: 120, landingMm: 0 } as const;

describe("shapes of stairs", () => {
  it("are what their layout says, and are known by it again", () => {
    for (const layout of [
      "STRAIGHT",
      "AHEAD",
      "QUARTER",
      "HALF",
      "TWO_QUARTERS",
      "WINDERS",
      "SPIRAL",
    ] as const)
      expect(layoutOf(shapeOf({ layout, ...LAID }, 90))).toBe(layout);
  });

  it("let winders come together in the middle of the newel", () => {
    const shape = shapeOf({ layout: "WINDERS", ...LAID }, 90);
    expect(shape).toMatchObject({ turns: [{ type: "winders", pivotMm: 45 }] });
  });

  it("keep the length typed of a landing ahead or back", () => {
    for (const layout of ["AHEAD", "HALF"] as const)
      expect(shapeOf({ layout, ...LAID, landingMm: 1200 }, 90)).toMatchObject({
        turns: [{ type: "landing", way: layout, lengthMm: 1200 }],
      });
  });
});

describe("outlines", () => {
  it("of a rectangle run along the axes", () => {
    expect(rectangleRing({ x: 0, y: 0 }, { x: 3000, y: 2000 }, 0)).toEqual([
      [0, 0],
      [3000, 0],
      [3000, 2000],
      [0, 2000],
    ]);
    expect(rectangleRing({ x: 0, y: 0 }, { x: 3000, y: 0.5 }, 0)).toBeNull();
  });

  it("are given back pick by pick", () => {
    const tool = { name: "void", picks: [bare({ x: 0, y: 0 }), bare({ x: 1000, y: 0 })] } as const;
    const back = toolOf(tool).back?.(tool);
    expect(back?.name === "void" && back.picks.length).toBe(1);
    expect(toolOf(fresh("void")).back?.(fresh("void"))).toBeNull();
  });
});

describe("a section line", () => {
  it("looks to the side of the pointer", () => {
    const store = boardStore();
    const tool = { name: "section", from: bare({ x: 0, y: 0 }), to: bare({ x: 5000, y: 0 }) } as const;
    store.setState({ tool, pointer: { x: 2000, y: 900 } });
    expect(editMeant(store.getState())).toMatchObject({ type: "drawSection", looking: "LEFT" });
    store.setState({ pointer: { x: 2000, y: -900 } });
    expect(editMeant(store.getState())).toMatchObject({ type: "drawSection", looking: "RIGHT" });
  });
});

describe("the backdrop", () => {
  it("is off until it is asked for, and none where nothing lies below", () => {
    const store = boardStore();
    expect(backdropOf(store.getState())).toBeNull();
    store.setState({ backdrop: { ...store.getState().backdrop, on: true } });
    expect(backdropOf(store.getState())).toBeNull();
    store.setState({ backdrop: { ...store.getState().backdrop, drawing: "other" } });
    expect(backdropOf(store.getState())).toBe("other");
  });
});
