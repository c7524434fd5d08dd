import { beforeEach, describe, expect, it } from "vitest";
import type { Edit } from "../src/api/types";
import { Actions } from "../src/board/hands/actions";
import type { Sync } from "../src/board/link/sync";
import { boardStore, typed, WALL } from "./board";

/** A server that takes every edit, or refuses all. */
class Taken {
  readonly edits: Edit[] = [];
  readonly erased: string[] = [];
  previewed: Edit | null = null;
  redone = 0;
  accepts = true;
  /** Whether edits wait for an answer. */
  holds = false;
  private readonly waiting: ((stored: boolean) => void)[] = [];

  edit(edit: Edit): Promise<boolean> {
    if (this.accepts) this.edits.push(edit);
    return this.holds ? new Promise((done) => this.waiting.push(done)) : Promise.resolve(this.accepts);
  }
  answer(stored: boolean): void {
    this.waiting.shift()?.(stored);
  }
  erase(ids: readonly string[]): Promise<boolean> {
    this.erased.push(...ids);
    return Promise.resolve(true);
  }
  readonly previews = {
    show: (edit: Edit | null) => {
      this.previewed = edit;
    },
  };
  redo(): Promise<boolean> {
    this.redone++;
    return Promise.resolve(true);
  }
}

let taken: Taken;
let store: ReturnType<typeof boardStore>;
let actions: Actions;

beforeEach(() => {
  taken = new Taken();
  store = boardStore();
  actions = new Actions(store, taken as unknown as Sync);
});

const click = (x: number, y: number) => actions.click({ x, y }, false);

describe("selecting", () => {
  it("takes what is under the pointer, and nothing clear of it", async () => {
    await click(2000, 50);
    expect(store.getState().selection).toEqual([WALL]);
    await click(2000, 3000);
    expect(store.getState().selection).toEqual([]);
  });

  it("deletes what is selected", async () => {
    await click(2000, 50);
    await actions.changing.remove();
    expect(taken.erased).toEqual([WALL]);
  });
});

describe("the run tool", () => {
  beforeEach(() => actions.choose("run"));

  it("ends on a face and starts anew with the same tool", async () => {
    await click(2000, 3000);
    await click(2010, 110);
    expect(taken.edits).toHaveLength(1);
    expect(store.getState().tool).toMatchObject({ name: "run", picks: [] });
  });

  it("reads what is typed at once, at any speed of hand", async () => {
    await click(2000, 3000);
    actions.pointAt({ x: 4000, y: 3010 });
    for (const text of ["1", "14", "144", "1440"]) actions.entering.type(text);
    void actions.entering.enter();
    expect(store.getState().tool).toMatchObject({ picks: [{ at: [2000, 3000] }, { at: [3440, 3000] }] });
  });

  it("is free for the next run while the last is on its way, and sets a refused one aside", async () => {
    taken.holds = true;
    await click(2000, 3000);
    void click(2010, 110);
    void click(3000, 4000);
    actions.entering.type("900");
    expect(store.getState().tool).toMatchObject({ name: "run", picks: [{ at: [3000, 4000] }] });
    taken.answer(false);
    await Promise.resolve();
    expect(store.getState()).toMatchObject({ tool: { picks: [{ at: [3000, 4000] }] }, entry: "900" });
    await new Promise((later) => setTimeout(later));
    actions.submitting.takeUp();
    expect(store.getState()).toMatchObject({
      tool: { name: "run", picks: [{ at: [2000, 3000] }] },
      entry: "",
      setAside: [],
    });
  });

  it("loses no pick when the server refuses", async () => {
    taken.accepts = false;
    await click(2000, 3000);
    await click(2010, 110);
    expect(store.getState().tool).toMatchObject({ name: "run", picks: [{}] });
  });

  it("steps back one pick at a time and brings them back", async () => {
    await click(2000, 3000);
    await click(2000, 5000);
    actions.escape();
    expect(store.getState().tool).toMatchObject({
      picks: [{ at: [2000, 3000] }],
      undone: [{ at: [2000, 5000] }],
    });
    await actions.redo();
    expect(store.getState().tool).toMatchObject({
      picks: [{ at: [2000, 3000] }, { at: [2000, 5000] }],
      undone: [],
    });
    expect(taken.redone).toBe(0);
    await actions.redo();
    expect(taken.redone).toBe(1);
  });

  it("clears what is typed before it takes back a pick", async () => {
    await click(2000, 3000);
    store.setState(typed(1200));
    actions.escape();
    expect(store.getState().entry).toBe("");
    expect(store.getState().tool).toMatchObject({ picks: [{}] });
  });

  it("accepts a typed length with Enter and goes on from there", async () => {
    await click(2000, 3000);
    actions.pointAt({ x: 4000, y: 3010 });
    store.setState(typed(1500));
    await actions.entering.enter();
    expect(store.getState().tool).toMatchObject({ picks: [{ at: [2000, 3000] }, { at: [3500, 3000] }] });
    await actions.entering.enter();
    expect(taken.edits[0]).toMatchObject({ type: "drawWalls", close: false });
  });

  it("keeps what cannot be read, with the reason", async () => {
    await click(2000, 3000);
    actions.entering.type("12''");
    await actions.entering.enter();
    expect(store.getState()).toMatchObject({
      entry: "12''",
      saying: expect.stringContaining("Two foot marks"),
    });
    expect(taken.edits).toEqual([]);
  });

  it("takes the other of two readings when asked", async () => {
    await click(2000, 3000);
    actions.pointAt({ x: 4000, y: 3010 });
    actions.entering.type("3,200");
    expect(taken.previewed).not.toBeNull();
    actions.entering.chooseReading(1);
    expect(taken.previewed?.type === "drawWalls" && taken.previewed.picks[1]?.at).toEqual([2003.2, 3000]);
    actions.entering.chooseReading(0);
    expect(taken.previewed?.type === "drawWalls" && taken.previewed.picks[1]?.at).toEqual([5200, 3000]);
  });
});

describe("walls beside a wall", () => {
  it("are each measured from the last, although it is typed ahead of the answers", async () => {
    taken.holds = true;
    actions.choose("beside");
    await click(2000, 50);
    actions.pointAt({ x: 2000, y: 900 });
    actions.entering.type("600");
    const first = actions.entering.enter();
    actions.entering.type("800");
    const second = actions.entering.enter();
    expect(store.getState().entry).toBe("");
    await Promise.resolve();
    expect(taken.edits).toMatchObject([{ beside: WALL, clearMm: 600 }]);
    const wall = store.getState().elements.get(WALL);
    if (wall)
      store.setState({ elements: new Map(store.getState().elements).set("r1-1", { ...wall, id: "r1-1" }) });
    taken.answer(true);
    await first;
    await new Promise((later) => setTimeout(later));
    taken.answer(true);
    await second;
    expect(taken.edits).toMatchObject([{ beside: WALL }, { beside: "r1-1", clearMm: 800 }]);
  });

  it("that would be measured from a refused one are set aside, not measured from another", async () => {
    taken.holds = true;
    actions.choose("beside");
    await click(2000, 50);
    actions.pointAt({ x: 2000, y: 900 });
    actions.entering.type("600");
    const first = actions.entering.enter();
    actions.entering.type("800");
    const second = actions.entering.enter();
    await Promise.resolve();
    taken.answer(false);
    await first;
    await second;
    expect(taken.edits).toHaveLength(1);
    expect(store.getState().entry).toBe("600");
    expect(store.getState().setAside).toMatchObject([{ entry: "800" }]);
  });
});

describe("moving", () => {
  it("moves the selection by a typed distance the way the pointer shows", async () => {
    await click(2000, 50);
    actions.choose("move");
    await click(2000, 2000);
    actions.pointAt({ x: 2010, y: 2600 });
    store.setState(typed(300));
    await actions.entering.enter();
    expect(taken.edits).toEqual([{ type: "move", elements: [WALL], by: [0, 300], labels: [] }]);
  });

  it("moves the whole house so, whatever is selected", async () => {
    actions.choose("house");
    await click(2000, 2000);
    actions.pointAt({ x: 2010, y: 2600 });
    store.setState(typed(300));
    await actions.entering.enter();
    expect(taken.edits).toEqual([{ type: "moveHouse", by: [0, 300] }]);
  });

  it("lets the thing be dragged", async () => {
    await click(2000, 50);
    expect(actions.selection.isOnSelection({ x: 2100, y: 60 })).toBe(true);
    actions.startDrag({ x: 2100, y: 60 }, null);
    actions.pointAt({ x: 2100, y: 1060 });
    await actions.endDrag();
    expect(taken.edits).toMatchObject([{ type: "move", by: [0, 1000] }]);
    expect(store.getState().tool.name).toBe("select");
  });
});

describe("the string tool", () => {
  it("takes catches only, then places the line clear of them", async () => {
    actions.choose("string");
    await click(3000, 3000);
    expect(store.getState().saying).toContain("Nothing to hold to");
    await click(2000, -10);
    await click(2000, 110);
    await click(-900, 700);
    expect(taken.edits).toMatchObject([{ type: "drawString", way: { type: "found" } }]);
  });
});

describe("an old version", () => {
  it("is looked at and not changed", () => {
    store.setState({ version: { id: "v", name: "Before" } });
    actions.choose("door");
    actions.pointAt({ x: 2000, y: 110 });
    expect(taken.previewed).toBeNull();
  });
});
