import { describe, expect, it } from "vitest";
import { aimed } from "../src/board/catch/aim";
import { aimBy, arrowAngle, isDecided, measuresMiss } from "../src/board/catch/aiming";
import { placesAt } from "../src/board/catch/places";
import { type BoardState, NO_AIM } from "../src/board/state/state";
import { prompt } from "../src/board/tools";
import { board, typed, typedAt } from "./board";

/** The state of a run with the pointer somewhere, and the places it could hold to. */
function pointing(x: number, y: number, change: Partial<BoardState> = {}, last?: { x: number; y: number }) {
  const tool = { name: "run" as const, picks: [], undone: [] };
  const state = board({ tool, ...change });
  return { ...state, pointer: { x, y }, caughts: placesAt(state.nearby, { x, y }, 80, last) };
}

const words = (state: BoardState) => state.caughts.map((c) => c.caught.words);

describe("places to hold to", () => {
  it("are said in words: ends, middles, squares, lines", () => {
    expect(words(pointing(20, 110))).toContain("end of W1");
    expect(words(pointing(2510, 110))[0]).toBe("middle of W1");
    expect(words(pointing(1210, 110, {}, { x: 1200, y: 3000 }))[0]).toBe("square to W1");
    expect(words(pointing(1000, 110))).toEqual(["W1 face"]);
  });

  it("lie in line with a face, clear of everything drawn", () => {
    const state = pointing(6200, 120);
    expect(words(state)).toEqual(["in line with W1"]);
    expect(state.caughts[0]?.at).toEqual({ x: 6200, y: 100 });
  });
});

describe("the next point", () => {
  it("is measured from a caught place along the wall", () => {
    const base = aimBy(pointing(10, 108), "from", undefined);
    const from = { ...pointing(3000, 300, typed(2150)), ...base };
    expect(aimed(from)).toEqual({ at: [2150, 100], hold: { type: "onFace", wall: "w", face: 3 } });
    expect(prompt(from)[0]).toBe("From end of W1.");
  });

  it("takes only the across of one place and only the up of another", () => {
    const across = aimBy(pointing(2505, 104), "across", undefined);
    const up = aimBy({ ...pointing(20, 10), ...across }, "up", undefined);
    const state = { ...pointing(4000, 3000), ...up };
    expect(isDecided(state)).toBe(true);
    expect(aimed(state)?.at).toEqual([2500, 0]);
  });

  it("lies at two measured distances, on the pointer's side", () => {
    const one = { centre: { x: 0, y: 0 }, words: "corner", mm: 3000 };
    const two = { centre: { x: 5000, y: 0 }, words: "corner", mm: 4000 };
    const state = { ...pointing(1000, 4000), aim: { ...NO_AIM, measured: [one, two] } };
    expect(aimed(state)?.at.map((v) => Math.round(v))).toEqual([1800, 2400]);
    const below = { ...pointing(1000, -4000), aim: state.aim };
    expect(aimed(below)?.at.map((v) => Math.round(v))).toEqual([1800, -2400]);
    const apart = { ...state, aim: { ...NO_AIM, measured: [one, { ...two, mm: 1000 }] } };
    expect(aimed(apart)).toBeUndefined();
    expect(measuresMiss(apart)).toContain("do not meet");
  });

  it("runs at a typed angle, or the way an arrow holds", () => {
    const from = { x: 1000, y: 1000 };
    expect(aimed(pointing(0, 9000, typedAt(30, 2000)), from)?.at).toEqual([2732.050808, 2000]);
    const left = arrowAngle("arrowleft", 0) ?? 0;
    const held = { ...pointing(9000, 9000, typed(500)), aim: { ...NO_AIM, held: left } };
    expect(aimed(held, from)?.at).toEqual([500, 1000]);
    expect(arrowAngle("a", 0)).toBeUndefined();
  });

  it("comes level with what is caught while its direction is held", () => {
    const held = { ...pointing(20, 2), aim: { ...NO_AIM, held: Math.PI } };
    expect(aimed(held, { x: 3000, y: 2000 })?.at).toEqual([0, 2000]);
  });

  it("follows axes turned to a wall", () => {
    const state = board();
    const skew = {
      words: "W2 face",
      hold: { type: "onFace" as const, wall: "w2", face: 0 },
      from: [0, 0] as [number, number],
      to: [3000, 1000] as [number, number],
    };
    const caughts = [{ at: { x: 1500, y: 500 }, caught: skew }];
    const turned = aimBy({ ...state, caughts }, "axes", undefined);
    expect(turned?.axes).toBeCloseTo(Math.atan2(1, 3), 9);
    expect(arrowAngle("arrowup", turned?.axes ?? 0)).toBeCloseTo(Math.atan2(1, 3) + Math.PI / 2, 9);
    expect(aimBy({ ...state, axes: 0.3 }, "axes", undefined)).toEqual({ axes: 0 });
  });
});
