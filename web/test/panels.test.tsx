// @vitest-environment jsdom
import { cleanup, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Element, Opening } from "../src/api/types";
import { Figure } from "../src/board/fields/Figure";
import { LengthField } from "../src/board/fields/LengthField";
import { Find } from "../src/board/page/Find";
import { KeysDialog } from "../src/board/page/KeysDialog";
import { StageRail } from "../src/board/page/StageRail";
import { Facts } from "../src/board/panels/Facts";
import { boardStore, WALL } from "./board";
import { boardOf } from "./boardOf";

const DOOR: Opening & { type: "opening" } = {
  type: "opening",
  id: "o",
  wall: WALL,
  layer: "l",
  mark: "D1",
  typeMark: "",
  placing: {
    type: "off",
    stop: { type: "wallsEnd", end: "START", line: "SET_OUT" },
    to: "NEAR",
    distanceMm: 900,
  },
  widthMm: 910,
  heightMm: 2100,
  sillMm: 0,
  kind: { type: "swingDoor", hinge: "START", swing: "LEFT" },
  make: { fixWidthMm: 10, fixHeightMm: 5 } as Opening["make"],
  words: { elsewhere: { type: "whereClear" }, own: [] },
  work: "AS_WALL",
};

const withDoor = () => new Map([...boardStore().getState().elements, [DOOR.id, DOOR as Element]]);

beforeEach(() => localStorage.clear());
afterEach(cleanup);

describe("a number that is typed into a field", () => {
  it("is taken with a point or a comma, and with its unit", async () => {
    const taken = vi.fn();
    boardOf().on(<Figure label="Letters" value={2.5} onChange={taken} />);
    for (const typed of ["3,5", "1.8 mm"]) {
      await userEvent.clear(screen.getByLabelText("Letters"));
      await userEvent.type(screen.getByLabelText("Letters"), `${typed}{Enter}`);
    }
    expect(taken.mock.calls).toEqual([[3.5], [1.8]]);
  });

  it("stays in place, and is said to be none, where it is none", async () => {
    const taken = vi.fn();
    boardOf().on(<Figure label="Letters" value={2.5} onChange={taken} />);
    await userEvent.clear(screen.getByLabelText("Letters"));
    await userEvent.type(screen.getByLabelText("Letters"), "2.5O{Enter}");
    await userEvent.tab();
    expect(screen.getByLabelText<HTMLInputElement>("Letters").value).toBe("2.5O");
    expect(screen.getByText("A number, 0 or more.")).toBeTruthy();
    expect(taken).not.toHaveBeenCalled();
  });
});

describe("a length that is typed into a field", () => {
  it("is taken by Enter, and not a second time by leaving the field", async () => {
    const taken = vi.fn();
    boardOf().on(<LengthField label="Width" mm={910} onChange={taken} />);
    await userEvent.clear(screen.getByLabelText("Width"));
    await userEvent.type(screen.getByLabelText("Width"), "1010{Enter}");
    await userEvent.tab();
    expect(taken.mock.calls).toEqual([[1010]]);
  });

  it("stays in place with the reason where it cannot be read", async () => {
    const taken = vi.fn();
    boardOf().on(<LengthField label="Width" mm={910} onChange={taken} />);
    await userEvent.clear(screen.getByLabelText("Width"));
    await userEvent.type(screen.getByLabelText("Width"), "9l0{Enter}");
    const field = screen.getByLabelText<HTMLInputElement>("Width");
    expect(field.value).toBe("9l0");
    expect(field.getAttribute("aria-invalid")).toBe("true");
    expect(taken).not.toHaveBeenCalled();
  });

  it("is put back by Escape, and nothing changes", async () => {
    const taken = vi.fn();
    boardOf().on(<LengthField label="Width" mm={910} onChange={taken} />);
    await userEvent.type(screen.getByLabelText("Width"), "5{Escape}");
    await userEvent.tab();
    expect(screen.getByLabelText<HTMLInputElement>("Width").value).toBe("910");
    expect(taken).not.toHaveBeenCalled();
  });
});

describe("facts", () => {
  it("of a door change just what was typed", async () => {
    const { on, revised, edits } = boardOf({ elements: withDoor(), selection: [DOOR.id] });
    on(<Facts />);
    expect(screen.getByRole("heading", { name: "Door D1" })).toBeTruthy();
    await userEvent.clear(screen.getByLabelText("Width"));
    await userEvent.type(screen.getByLabelText("Width"), "826{Enter}");
    expect(edits).toEqual([]);
    expect(revised).toEqual([{ ...DOOR, widthMm: 826 }]);
  });

  it("of a door of a type go to all of the type", async () => {
    const typed = { ...DOOR, typeMark: "A" };
    const elements = new Map([...boardStore().getState().elements, [DOOR.id, typed as Element]]);
    const { on, revised, edits } = boardOf({ elements, selection: [DOOR.id] });
    on(<Facts />);
    await userEvent.clear(screen.getByLabelText("Height"));
    await userEvent.type(screen.getByLabelText("Height"), "2040{Enter}");
    expect(revised).toEqual([]);
    expect(edits).toMatchObject([
      { type: "reviseOpening", opening: { id: DOOR.id, heightMm: 2040, widthMm: 910 } },
    ]);
  });

  it("of a wall name it and say how long it is", () => {
    boardOf({ selection: [WALL] }).on(<Facts />);
    expect(screen.getByRole("heading", { name: "Wall W1" })).toBeTruthy();
    expect(screen.getByText(/along its set-out line/).textContent).toContain("5000 mm");
  });

  it("of a tool are what it will make, and what is chosen there is kept", async () => {
    const { on, store } = boardOf({ tool: { name: "copy", from: null }, selection: [WALL] });
    on(<Facts />);
    await userEvent.clear(screen.getByLabelText("How many"));
    await userEvent.type(screen.getByLabelText("How many"), "4");
    await userEvent.selectOptions(screen.getByLabelText("The distance is"), "fit");
    expect(store.getState().making.copies).toEqual({ count: 4, fit: true });
  });

  it("take no count of copies that is none", async () => {
    const { on, store } = boardOf({ tool: { name: "copy", from: null }, selection: [WALL] });
    on(<Facts />);
    await userEvent.clear(screen.getByLabelText("How many"));
    await userEvent.type(screen.getByLabelText("How many"), "0");
    expect(screen.getByText("A whole number from 1 to 200.")).toBeTruthy();
    expect(store.getState().making.copies.count).toBe(1);
  });
});

describe("the rail", () => {
  it("unfolds the stage of the active tool and marks the tool", () => {
    boardOf({ tool: { name: "room" } }).on(<StageRail />);
    expect(screen.getByRole("button", { name: "Rooms and fittings" }).getAttribute("aria-expanded")).toBe(
      "true",
    );
    expect(
      screen.getByRole("button", { name: /^Room R|^Room Shift R|^RoomShift R/ }).getAttribute("aria-pressed"),
    ).toBe("true");
  });

  it("shows the keys a person chose", () => {
    boardOf({ ownKeys: { "tool.move": ";" } }).on(<StageRail />);
    expect(within(screen.getByRole("button", { name: /^Move/ })).getByText(";")).toBeTruthy();
  });

  it("cannot be used on a version that is only looked at", () => {
    boardOf({ version: { id: "v", name: "Then" } }).on(<StageRail />);
    expect(screen.getByRole<HTMLButtonElement>("button", { name: /^Select/ }).disabled).toBe(true);
  });
});

describe("changing keys", () => {
  it("takes the next key pressed, and keeps it", async () => {
    const { on, store } = boardOf();
    on(<KeysDialog />);
    await userEvent.click(screen.getByRole("button", { name: "Change the key of Measure" }));
    await userEvent.keyboard(";");
    expect(store.getState().ownKeys).toEqual({ "tool.measure": ";" });
    expect(localStorage.getItem("lintel.keys")).toBe('{"tool.measure":";"}');
  });

  it("says which command has a key, and takes it from there only when asked", async () => {
    const { on, store } = boardOf();
    on(<KeysDialog />);
    await userEvent.click(screen.getByRole("button", { name: "Change the key of Run of walls" }));
    await userEvent.keyboard("d");
    expect(screen.getByRole("alert").textContent).toBe("D is that of \u201CDoor\u201D.");
    expect(store.getState().ownKeys).toEqual({});
    await userEvent.click(screen.getByRole("button", { name: "Take it from there" }));
    expect(store.getState().ownKeys).toEqual({ "tool.run": "d", "tool.door": "" });
  });
});

describe("the box that finds anything", () => {
  it("does what is found first with Enter", async () => {
    const { on, store } = boardOf({ dialog: "find" });
    on(<Find />);
    await userEvent.type(screen.getByLabelText("Find anything"), "rectangle{Enter}");
    expect(store.getState().tool).toEqual({ name: "rectangle", from: null });
    expect(store.getState().dialog).toBeNull();
  });

  it("takes what answers best in the end, not what did while it was typed", async () => {
    const drawing = boardStore().getState().elements.get("d");
    const sectionA = { ...drawing, id: "e", name: "Section A", kind: "SECTION" } as Element;
    const elements = new Map([...boardStore().getState().elements, ["e", sectionA]]);
    const { on, shown } = boardOf({ dialog: "find", elements });
    on(<Find />);
    await userEvent.type(screen.getByLabelText("Find anything"), "section a{Enter}");
    expect(shown).toEqual([{ kind: "drawing", id: "e" }]);
  });

  it("selects a thing by its mark", async () => {
    const { on, store } = boardOf({ dialog: "find" });
    on(<Find />);
    await userEvent.type(screen.getByLabelText("Find anything"), "w1{Enter}");
    expect(store.getState().selection).toEqual([WALL]);
  });

  it("says so where nothing is called that", async () => {
    boardOf({ dialog: "find" }).on(<Find />);
    await userEvent.type(screen.getByLabelText("Find anything"), "zebra");
    expect(screen.getByText(/Nothing here is called/)).toBeTruthy();
  });
});

describe("what can be set out from a plan", () => {
  const line = (words: string, step: number) => ({
    element: words,
    words,
    from: [0, 0] as [number, number],
    to: [4000, 0] as [number, number],
    step,
  });
  const checking = (...lines: ReturnType<typeof line>[]) => ({
    tool: { name: "setout" as const, asked: null },
    setOutReport: { lines, steps: [], misread: [], twice: [], unjudged: 2 },
  });

  it("is said in one sentence, with what was not looked at", () => {
    boardOf(checking(line("face of W1", -1), line("face of W2", -1))).on(<Facts />);
    expect(screen.getByText("All 2 lines can be found.")).toBeTruthy();
    expect(screen.getByText(/^2 walls that bend/)).toBeTruthy();
  });

  it("lists each thing once that is not found, and leads to the command", async () => {
    const { store, on } = boardOf(
      checking(line("face of W1", -1), line("edge of D2", -2), line("edge of D2", -2)),
    );
    on(<Facts />);
    const list = within(screen.getByRole("list", { name: "Not found" }));
    expect(list.getAllByRole("listitem").map((i) => i.textContent)).toEqual(["edge of D2, 2 lines"]);
    await userEvent.click(screen.getByRole("button", { name: "Dimension what is missing" }));
    expect(store.getState().tool).toEqual({ name: "dimension", rooms: [] });
  });
});

describe("dimensioning a plan", () => {
  it("is shown as soon as its tool is chosen, again as well, and Enter is the board's then", async () => {
    const { on, previewed } = boardOf({ loaded: true, shown: { kind: "drawing", id: "d" } });
    on(<StageRail />);
    await userEvent.click(screen.getByRole("button", { name: "Dimensions, notes" }));
    await userEvent.click(screen.getByRole("button", { name: "Dimension it all" }));
    expect(previewed.at(-1)).toMatchObject({ type: "dimensionPlan" });
    await userEvent.click(screen.getByRole("button", { name: "Dimension it all" }));
    expect(previewed.slice(-2)).toMatchObject([null, { type: "dimensionPlan" }]);
    expect(document.activeElement).toBe(document.body);
  });

  it("leaves a side out, and goes to what was chosen", async () => {
    const { store, on } = boardOf({ tool: { name: "dimension", rooms: [] } });
    on(<Facts />);
    await userEvent.click(screen.getByLabelText("right"));
    await userEvent.selectOptions(screen.getByLabelText("Openings"), "to their middles");
    expect(store.getState().making.dimension).toMatchObject({
      sides: ["TOP", "BOTTOM", "LEFT"],
      scheme: { openings: "CENTRES", walls: "STRUCTURE" },
    });
  });

  it("cannot be done twice: the refusal stands in its place", () => {
    const preview = { groups: new Map(), gone: new Set(), refusal: "All is dimensioned already." };
    boardOf({ tool: { name: "dimension", rooms: [] }, preview: preview as never }).on(<Facts />);
    expect(screen.getByText("All is dimensioned already.")).toBeTruthy();
    expect(screen.getByRole("button", { name: "Draw them" })).toHaveProperty("disabled", true);
  });
});
