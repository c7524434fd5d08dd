import { describe, expect, it } from "vitest";
import { fitting, panned, toModel, toScreen, zoomedAbout } from "../src/board/state/view";

const size = { width: 800, height: 600 };
const view = { centre: { x: 1000, y: 500 }, zoom: 0.1 };

describe("the view", () => {
  it("maps there and back", () => {
    const p = { x: 1234, y: -56 };
    expect(toModel(toScreen(p, view, size), view, size).x).toBeCloseTo(p.x);
    expect(toModel(toScreen(p, view, size), view, size).y).toBeCloseTo(p.y);
  });

  it("keeps the point under the pointer when zooming", () => {
    const pointer = { x: 130, y: 470 };
    const before = toModel(pointer, view, size);
    const after = toModel(pointer, zoomedAbout(pointer, 1.7, view, size), size);
    expect(after.x).toBeCloseTo(before.x);
    expect(after.y).toBeCloseTo(before.y);
  });

  it("moves the drawing with the hand", () => {
    const p = { x: 0, y: 0 };
    const before = toScreen(p, view, size);
    const after = toScreen(p, panned(25, -40, view), size);
    expect(after.x - before.x).toBeCloseTo(25);
    expect(after.y - before.y).toBeCloseTo(-40);
  });

  it("fits a box inside the board", () => {
    const box = { minX: 0, minY: 0, maxX: 12000, maxY: 8000 };
    const fitted = fitting(box, size);
    const low = toScreen({ x: 0, y: 0 }, fitted, size);
    const high = toScreen({ x: 12000, y: 8000 }, fitted, size);
    expect(low.x).toBeGreaterThan(0);
    expect(high.x).toBeLessThan(800);
    expect(high.y).toBeGreaterThan(0);
  });
});
