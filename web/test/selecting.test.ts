import { beforeEach, describe, expect, it } from "vitest";
import type { Edit, GapAnswer } from "../src/api/types";
import { gapNear } from "../src/board/catch/gaps";
import { Actions } from "../src/board/hands/actions";
import type { Sync } from "../src/board/link/sync";
import { editMeant, prompt } from "../src/board/tools";
import { moverOf } from "../src/board/tools/parts/gap";
import { board, boardStore, typed, typedTwo, WALL } from "./board";

const edits: Edit[] = [];
const sync = {
  edit: (edit: Edit) => {
    edits.push(edit);
    return Promise.resolve(true);
  },
  previews: { show: () => undefined },
} as unknown as Sync;

let store: ReturnType<typeof boardStore>;
let actions: Actions;

beforeEach(() => {
  edits.length = 0;
  store = boardStore();
  actions = new Actions(store, sync);
});

const gap = (other: string, x: number): GapAnswer => ({
  gap: { type: "beside", wall: WALL, side: "LEFT", other },
  clearMm: 900,
  printed: "900",
  from: [x, 100],
  to: [x, 1000],
  kept: null,
});

describe("a box", () => {
  const box = (from: { x: number; y: number }, to: { x: number; y: number }) => {
    actions.selection.startBox(from, actions.selection.isOnAnything(from));
    actions.selection.stretchBox(to);
    actions.selection.endBox(false);
    return store.getState().selection;
  };

  it("from clear paper takes what lies inside it", () => {
    expect(box({ x: -500, y: -500 }, { x: 3000, y: 500 })).toEqual([]);
    expect(box({ x: -500, y: -500 }, { x: 5500, y: 500 })).toEqual([WALL]);
  });

  it("from a thing takes all it touches", () => {
    expect(box({ x: 1000, y: 50 }, { x: 3000, y: 900 })).toEqual([WALL]);
  });

  it("passes over what is hidden or locked", async () => {
    store.setState({ selection: [WALL] });
    actions.selection.lockSelected();
    expect(box({ x: -500, y: -500 }, { x: 5500, y: 500 })).toEqual([]);
    await actions.click({ x: 2000, y: 50 }, false);
    expect(store.getState().selection).toEqual([]);
    actions.selection.showAll();
    actions.selection.selectOthers();
    expect(store.getState().selection).toEqual([WALL]);
  });
});

describe("gaps of the wall selected", () => {
  const selected = { selection: [WALL], gaps: [gap("a", 1000), gap("b", 4000)] };

  it("take what is typed at the figure pointed at last", async () => {
    store.setState(selected);
    actions.pointAt({ x: 3990, y: 500 });
    expect(store.getState().gapAt).toBe(1);
    actions.pointAt({ x: 9000, y: 9000 });
    store.setState(typed(1200));
    await actions.entering.enter();
    expect(edits).toEqual([
      { type: "setGap", gap: gap("b", 0).gap, faces: "FINISH", clearMm: 1200, otherMoves: false },
    ]);
  });

  it("say which wall moves before it does, and let the other move", () => {
    const state = board(selected);
    expect(moverOf(state)).toBe(WALL);
    expect(prompt(state)[0]).toBe("W1 moves.");
    const swapped = board({ ...selected, otherMoves: true, ...typed(500) });
    expect(moverOf(swapped)).toBe("a");
    expect(editMeant(swapped)).toMatchObject({ type: "setGap", otherMoves: true, clearMm: 500 });
  });

  it("are not near where nothing is", () => {
    expect(gapNear(selected.gaps, { x: 1010, y: 300 }, 50)).toBe(0);
    expect(gapNear(selected.gaps, { x: 2500, y: 300 }, 50)).toBe(-1);
  });
});

describe("tools that change walls", () => {
  it("draw a rectangle towards the pointer by typed sizes", () => {
    const from = {
      at: [0, 0] as [number, number],
      hold: { type: "atPoint" as const, at: [0, 0] as [number, number] },
    };
    const state = board({
      tool: { name: "rectangle", from },
      pointer: { x: -900, y: 2000 },
      ...typedTwo(3600, 2700),
    });
    expect(editMeant(state)).toMatchObject({
      type: "drawRectangle",
      opposite: [-3600, 2700],
      sizes: "OUTSIDE",
    });
  });

  it("draw beside a wall on the pointer's side", () => {
    const state = board({
      tool: { name: "beside", wall: WALL },
      pointer: { x: 2000, y: 900 },
      ...typed(1200),
    });
    expect(editMeant(state)).toMatchObject({
      type: "drawParallel",
      beside: WALL,
      side: "LEFT",
      clearMm: 1200,
    });
  });

  it("split at a place, or take out what lies between two", async () => {
    actions.choose("cut");
    await actions.click({ x: 1000, y: 50 }, false);
    await actions.entering.enter();
    expect(edits[0]).toMatchObject({ type: "split", wall: WALL });
    await actions.click({ x: 1000, y: 50 }, false);
    await actions.click({ x: 2000, y: 50 }, false);
    expect(edits[1]).toMatchObject({ type: "cutOut", wall: WALL });
  });

  it("turn by a plain number of degrees", () => {
    const tool = { name: "turn" as const, centre: { x: 0, y: 0 }, from: null };
    const state = board({ tool, selection: [WALL], entry: "30" });
    const meant = editMeant(state);
    expect(meant).toMatchObject({ type: "turn", elements: [WALL], copy: false });
    expect(meant?.type === "turn" && meant.radians).toBeCloseTo(Math.PI / 6, 12);
  });

  it("turn the walls selected inside out", async () => {
    store.setState({ selection: [WALL] });
    await actions.changing.turnInsideOut();
    expect(edits[0]).toMatchObject({ type: "reviseAll", elements: [{ id: WALL, outside: "LEFT" }] });
  });
});
