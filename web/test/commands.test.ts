import { beforeEach, describe, expect, it } from "vitest";
import type { Element } from "../src/api/types";
import { COMMANDS } from "../src/board/commands";
import type { Command } from "../src/board/commands/Command";
import { find, foundIn } from "../src/board/commands/find";
import { commandOf, hindrance, keyOf, keysOf, keyWords } from "../src/board/commands/keymap";
import { Actions } from "../src/board/hands/actions";
import { inRows } from "../src/board/hands/selecting";
import type { Board } from "../src/board/state/context";
import { layerOf } from "../src/board/state/layers";
import type { BoardState } from "../src/board/state/state";
import { board, boardStore, layerCalled, WALL } from "./board";

function named(name: string): Command {
  const command = COMMANDS.find((c) => c.name === name);
  if (!command) throw new Error(`No command ${name}`);
  return command;
}

const room: Element = {
  type: "room",
  id: "r1",
  storey: "s",
  layer: "l",
  number: "0.06",
  name: "Kitchen",
  use: "KITCHEN",
  at: [1000, 1000],
  finishes: { floor: "", walls: "", ceiling: "" },
  label: { type: "found" },
  ceiling: { type: "asStorey" },
} as unknown as Element;

describe("keys", () => {
  it("are each for one thing at a time", () => {
    for (const command of COMMANDS)
      for (const key of command.keys) expect(hindrance(key, command, {})?.has ?? null).toBeNull();
  });

  it("mean what is going on before what is always there", () => {
    expect(commandOf("n", ["placing", "aiming"], {})?.name).toBe("aim.measure");
    expect(commandOf("n", ["selecting"], {})?.name).toBe("select.otherMoves");
    expect(commandOf("o", ["selecting"], {})).toBeUndefined();
    expect(commandOf("w", ["placing", "aiming"], {})?.name).toBe("tool.run");
  });

  it("can be chosen, and then the usual one is free", () => {
    const own = { "tool.run": ";" };
    expect(commandOf(";", ["selecting"], own)?.name).toBe("tool.run");
    expect(commandOf("w", ["selecting"], own)).toBeUndefined();
    expect(keysOf(named("tool.run"), own)).toEqual([";"]);
  });

  it("that another has are said, with which", () => {
    expect(hindrance("d", named("tool.run"), {})?.words).toBe("D is that of \u201CDoor\u201D.");
    expect(hindrance("d", named("tool.run"), { "tool.door": ";" })).toBeNull();
    // Not while something is selected and while a tool aims: those never meet.
    expect(hindrance("n", named("aim.hold"), {})?.has?.name).toBe("aim.measure");
    expect(hindrance("]", named("aim.hold"), {})).toBeNull();
  });

  it("that type or belong to the browser stay as they are", () => {
    for (const key of ["5", "Enter", "ArrowUp", "Ctrl t", "F5"])
      expect(hindrance(key, named("tool.run"), {})?.words).toBeTruthy();
  });

  it("are written as they are on the board", () => {
    const press = { key: "z", ctrlKey: true, metaKey: false, shiftKey: true };
    expect(keyOf(press)).toBe("Ctrl Z");
    expect(["w", "W", "Ctrl k", "Delete", "?"].map(keyWords)).toEqual(["W", "Shift W", "Ctrl K", "Del", "?"]);
  });
});

describe("finding anything", () => {
  const state = () => board({ elements: new Map([...board().elements, [room.id, room]]) });
  const words = (asked: string) => find(foundIn(state()), asked).map((f) => f.words);

  it("reaches tools by their words and by others for them", () => {
    expect(words("run")[0]).toBe("Run of walls");
    expect(words("rotate")).toContain("Turn");
    expect(words("zoom")).toContain("See all");
  });

  it("reaches things by mark, number and name, and drawings", () => {
    expect(words("w1")[0]).toBe("Wall W1");
    expect(words("0.06")[0]).toBe("0.06 Kitchen");
    expect(words("kit")[0]).toBe("0.06 Kitchen");
    expect(words("plan")).toContain("Plan");
  });

  it("wants every word, and puts what begins with them first", () => {
    expect(words("wall w1")).toEqual(["Wall W1"]);
    expect(words("stair well")[0]).toBe("Stair in a well");
    expect(words("no such thing")).toEqual([]);
  });

  it("leaves out what cannot be done now", () => {
    const { elements } = board();
    const looking = board({ elements, version: { id: "v", name: "Then" } });
    expect(find(foundIn(looking), "door").map((f) => f.id)).not.toContain("tool.door");
  });
});

describe("stepping through the board", () => {
  beforeEach(() => globalThis.localStorage?.clear());

  it("goes across it in rows from the top", () => {
    const group = board().groups.get(WALL);
    if (!group) throw new Error("no wall");
    const shifted = (element: string, by: number): [string, typeof group] => [
      element,
      {
        ...group,
        element,
        items: [
          {
            type: "fill",
            over: false,
            tint: "#ffffff",
            ring: [
              [by, -by],
              [by + 100, -by],
              [by + 100, 100 - by],
            ],
          },
        ],
      },
    ];
    const groups = new Map([shifted("low", 5000), shifted("right", 200), shifted("left", 0)]);
    expect(inRows(board({ groups }))).toEqual(["left", "right", "low"]);
    expect(inRows(board({ groups, hidden: new Set(["right"]) }))).toEqual(["left", "low"]);
  });
});

describe("the layer of new things", () => {
  const layer = (id: string, takes: string[]): [string, Element] => [id, layerCalled(id, takes)];

  it("is the one that takes their kind, whatever it is called", () => {
    const elements = new Map([layer("a", []), layer("mine", ["wall"])]);
    expect(layerOf({ elements }, "wall")).toBe("mine");
  });

  it("is the first where none takes them, so that every tool goes on", () => {
    const { elements } = boardStore({ elements: new Map([layer("b", []), layer("a", [])]) }).getState();
    expect(layerOf({ elements }, "door" as Element["type"])).toBe("a");
  });
});

describe("what a right click offers", () => {
  const offered = (of: Partial<BoardState>, thing: Element | null) =>
    COMMANDS.filter((c) => c.on?.(thing, board(of))).map((c) => c.name);
  const wall = () => board().elements.get(WALL) ?? null;

  it("on a wall is what begins with a wall", () => {
    const names = offered({ selection: [WALL] }, wall());
    expect(names).toEqual(
      expect.arrayContaining(["tool.cut", "tool.beside", "tool.bend", "select.joined", "select.delete"]),
    );
    expect(names).not.toContain("tool.stair");
  });

  it("on a room has nothing of walls", () => {
    expect(offered({}, room).filter((n) => ["tool.cut", "tool.beside", "select.joined"].includes(n))).toEqual(
      [],
    );
  });

  it("on clear paper is what concerns all of the drawing", () => {
    expect(offered({}, null)).toEqual(["select.paste", "look.all", "look.backdrop"]);
  });

  it("begins a tool with the thing it was called on", () => {
    const store = boardStore({ selection: [WALL] });
    const sync = { previews: { show: () => {} } } as unknown as Board["sync"];
    const actions = new Actions(store, sync);
    named("tool.beside").does({ store, sync, actions }, wall() ?? undefined);
    expect(store.getState().tool).toEqual({ name: "beside", wall: WALL });
    named("tool.beside").does({ store, sync, actions });
    expect(store.getState().tool).toEqual({ name: "beside", wall: null });
  });
});

describe("on a sheet", () => {
  const sheet = {
    type: "sheet",
    id: "sh",
    number: "A-101",
    title: "Plan",
    paper: { size: "A2", upright: false, ownLongMm: 0, ownShortMm: 0 },
    drawings: [{ drawing: "d", anchor: [0, 0], at: [100, 100] }],
  } as unknown as Element;
  const onSheet = () => ({
    elements: new Map([...board().elements, ["sh", sheet]]),
    shown: { kind: "sheet", id: "sh" } as const,
    selection: ["d"],
  });

  it("a right click offers to open the drawing or to take it off, not to delete it", () => {
    const state = board(onSheet());
    const names = COMMANDS.filter((c) => c.on?.(state.elements.get("d") ?? null, state)).map((c) => c.name);
    expect(names.sort()).toEqual([
      "look.selected",
      "sheet.crop",
      "sheet.cropOutline",
      "sheet.move",
      "sheet.open",
      "sheet.takeOff",
      "sheet.turn",
    ]);
  });

  it("Del takes the drawing off the sheet, and the drawing stays", async () => {
    const revised: Element[] = [];
    const store = boardStore(onSheet());
    const sync = {
      previews: { show: () => {} },
      revise: (e: Element) => Promise.resolve(revised.push(e) > 0),
      erase: () => Promise.reject(new Error("nothing is erased")),
    } as unknown as Board["sync"];
    await new Actions(store, sync).changing.remove();
    expect(revised).toEqual([{ ...sheet, drawings: [] }]);
  });
});
