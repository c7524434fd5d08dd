// @vitest-environment jsdom

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, cleanup, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactNode } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../src/api/client";
import type { Edit, Element, ElementOf } from "../src/api/types";
import { Actions } from "../src/board/hands/actions";
import { isFree } from "../src/board/hands/selecting";
import { differences } from "../src/board/lenses/differences";
import { LensDialog } from "../src/board/lenses/LensDialog";
import { StandardDialog } from "../src/board/lenses/StandardDialog";
import type { Sync } from "../src/board/link/sync";
import { EntryLine } from "../src/board/page/EntryLine";
import { HiddenOrLocked } from "../src/board/page/HiddenOrLocked";
import { LayersHere } from "../src/board/panels/LayersHere";
import { type Board, BoardContext } from "../src/board/state/context";
import { register, workingPlan } from "../src/board/state/drawings";
import { changing, keptHidden, showing, shownBy, unseen } from "../src/board/state/lenses";
import type { BoardState } from "../src/board/state/state";
import { LayerField } from "../src/board/things/LayerField";
import { NewProjectDialog } from "../src/projects/NewProjectDialog";
import { Checks } from "../src/ui/Checks";
import { boardStore, layerCalled, WALL } from "./board";

globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

const plan = () =>
  [...boardStore().getState().elements.values()].find((e) => e.type === "drawing") as ElementOf<"drawing">;

const LENS = {
  type: "lens",
  id: "lens",
  name: "Building plan",
  layers: [],
  pens: {},
  thinnestPlyMm: 0.7,
  detail: { everythingTo: 50, outlineFrom: 190 },
  fill: "MATERIALS",
  symbol: "LEAF",
  marks: ["DOORS"],
  roomLabels: [],
  openings: "STRUCTURAL",
  floorSpans: false,
  states: { EXISTING: "GREY", REMOVED: "DASHED", NEW: "FULL" },
  colours: "NOWHERE",
  letters: { nameMm: 3.5, wordsMm: 2.5, markMm: 2.5 },
  backdrop: { what: "NOTHING", prints: false },
} as unknown as ElementOf<"lens">;

const SHEET = {
  type: "sheet",
  id: "sheet",
  number: "A-101",
  title: "Plan",
  paper: { size: "A2", upright: false, ownLongMm: 0, ownShortMm: 0 },
  drawings: [{ drawing: plan().id, anchor: [0, 0], at: [0, 0] }],
} as unknown as Element;

Blob.prototype.text ??= () => Promise.resolve("{}");

/** A plan through a lens, a sheet with it, and two layers with the one wall on the first. */
function withLayers(): Map<string, Element> {
  const elements = new Map<string, Element>(boardStore().getState().elements);
  const wall = elements.get(WALL) as ElementOf<"wall">;
  elements.set(WALL, { ...wall, layer: "walls" });
  elements.set(plan().id, { ...plan(), lens: "lens" });
  for (const e of [LENS, SHEET, layerCalled("walls", ["wall"]), layerCalled("notes", ["note"])])
    elements.set(e.id, e);
  return elements;
}

function boardOf(change: Partial<BoardState> = {}, answered = () => Promise.resolve(true)) {
  const revised: Element[] = [];
  const edits: Edit[] = [];
  const store = boardStore({ elements: withLayers(), shown: { kind: "drawing", id: plan().id }, ...change });
  const sync = {
    get state() {
      return store.getState();
    },
    previews: { show: () => {} },
    gaps: { read: () => Promise.resolve() },
    revise: (element: Element) => {
      revised.push(element);
      return answered();
    },
    edit: (edit: Edit) => Promise.resolve(edits.push(edit) > 0),
  } as unknown as Sync;
  const board: Board = { store, sync, actions: new Actions(store, sync) };
  const on = (children: ReactNode) =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <BoardContext.Provider value={board}>{children}</BoardContext.Provider>
      </QueryClientProvider>,
    );
  return { store, on, revised, edits };
}

beforeEach(() => localStorage.clear());
afterEach(cleanup);

describe("what a lens shows of a layer", () => {
  it("is in full unless it says otherwise, and forgets what is in full", () => {
    const faint = showing(LENS, "notes", "FAINT");
    expect(shownBy(LENS, "notes")).toBe("FULL");
    expect(shownBy(faint, "notes")).toBe("FAINT");
    expect(showing(faint, "notes", "FULL").layers).toEqual([]);
    const left = showing(faint, "notes", "FULL", 100);
    expect(left.layers).toEqual([{ layer: "notes", shown: "FULL", hiddenFrom: 100 }]);
    expect(showing(left, "notes", "FAINT").layers[0]?.hiddenFrom).toBe(100);
    expect(keptHidden(faint, new Set(["notes", "walls"])).layers).toEqual([
      { layer: "notes", shown: "HIDDEN", hiddenFrom: 0 },
      { layer: "walls", shown: "HIDDEN", hiddenFrom: 0 },
    ]);
  });

  it("is said with the drawings and sheets that change with it", () => {
    const state = { elements: withLayers() };
    expect(changing(state, "lens")).toBe(`Changes ${plan().name}, on sheets A-101.`);
    expect(changing(state, "other")).toBe("No drawing is seen through it.");
  });
});

describe("layers and lenses in one table", () => {
  it("show a layer the next way with a click", async () => {
    const { on, revised } = boardOf({ dialog: "lenses" });
    on(<LensDialog />);
    await userEvent.click(screen.getByRole("button", { name: "notes in Building plan: Shown" }));
    expect(revised).toEqual([showing(LENS, "notes", "FAINT")]);
  });

  it("go on from what was clicked, however late that is answered", async () => {
    const { on, revised } = boardOf({ dialog: "lenses" }, () => new Promise(() => {}));
    on(<LensDialog />);
    await userEvent.click(screen.getByRole("button", { name: "notes in Building plan: Shown" }));
    await userEvent.click(screen.getByRole("button", { name: "notes in Building plan: Faint" }));
    expect(revised).toEqual([showing(LENS, "notes", "FAINT"), showing(LENS, "notes", "HIDDEN")]);
    expect(screen.getByRole("button", { name: "notes in Building plan: Hidden" })).toBeTruthy();
  });

  it("keep what is marked and not offered when a mark is taken off", async () => {
    const onChange = vi.fn();
    render(
      <Checks<string>
        words="Marks"
        options={[["DOORS", "doors"]]}
        chosen={["DOORS", "PART_PLANS"]}
        onChange={onChange}
      />,
    );
    await userEvent.click(screen.getByLabelText("doors"));
    expect(onChange).toHaveBeenCalledWith(["PART_PLANS"]);
  });

  it("are filtered by any part of a name", async () => {
    const { on } = boardOf({ dialog: "lenses" });
    on(<LensDialog />);
    await userEvent.type(screen.getByLabelText("Part of a layer's name"), "OTE");
    expect(screen.queryByRole("rowheader", { name: "walls" })).toBeNull();
    expect(screen.getByRole("rowheader", { name: "notes" })).toBeTruthy();
  });

  it("name a layer by fields, and are filtered by what its name says", async () => {
    const codes = (...all: [string, string][]) => all.map(([code, words]) => ({ code, words }));
    const fields = [
      {
        name: "Responsible",
        length: 2,
        needed: true,
        codes: codes(["A-", "architect"], ["S-", "structure"]),
      },
      { name: "Element", length: 6, needed: true, codes: [] },
    ];
    vi.spyOn(api, "GET").mockImplementation((() =>
      Promise.resolve({ data: { source: "", fields }, response: new Response() })) as never);
    const { on, revised, store } = boardOf({ dialog: "lenses" });
    on(<LensDialog />);
    await userEvent.click(screen.getByRole("button", { name: "walls" }));
    await userEvent.click(await screen.findByRole("button", { name: "Name it by fields" }));
    await userEvent.selectOptions(screen.getByLabelText("Responsible"), "S-");
    await userEvent.type(screen.getByLabelText("Element"), "21 1");
    expect(screen.getByText("A field takes letters and figures.")).toBeTruthy();
    await userEvent.type(screen.getByLabelText("Element"), "{Backspace}{Backspace}10");
    await userEvent.click(screen.getByRole("button", { name: "Take this name" }));
    expect(revised).toMatchObject([{ id: "walls", name: "S-2110-- walls" }]);
    const elements = new Map(store.getState().elements);
    elements.set("walls", revised[0] as Element);
    act(() => store.setState({ elements }));
    expect(screen.getByText("By the fields of ISO 13567: structure, 2110.")).toBeTruthy();
    await userEvent.type(screen.getByLabelText("Part of a layer's name"), "struct");
    expect(screen.getByRole("rowheader", { name: "S-2110-- walls" })).toBeTruthy();
    expect(screen.queryByRole("rowheader", { name: "notes" })).toBeNull();
  });

  it("say what lies on a layer before it goes, and where that goes", async () => {
    const { on, edits } = boardOf({ dialog: "lenses" });
    on(<LensDialog />);
    await userEvent.click(screen.getByRole("button", { name: "walls" }));
    expect(screen.getByText("one thing on it")).toBeTruthy();
    await userEvent.click(screen.getByRole("button", { name: "Delete the layer" }));
    expect(edits).toEqual([
      { type: "deleteLayer", layer: "walls", leaves: { type: "toLayer", layer: "notes" } },
    ]);
  });

  it("change what a lens marks and how it shows walls that go", async () => {
    const { on, revised } = boardOf({ dialog: "lenses" });
    on(<LensDialog />);
    await userEvent.click(screen.getByLabelText("windows"));
    await userEvent.selectOptions(screen.getByLabelText("What is to be removed"), "Not shown");
    expect(revised[0]).toMatchObject({ marks: ["DOORS", "WINDOWS"] });
    expect(revised[1]).toMatchObject({ states: { EXISTING: "GREY", REMOVED: "HIDDEN", NEW: "FULL" } });
  });

  it("add a layer by its name", async () => {
    const { on, edits } = boardOf({ dialog: "lenses" });
    on(<LensDialog />);
    await userEvent.type(screen.getByLabelText("Name of a new layer"), "Loose furniture{Enter}");
    expect(edits).toMatchObject([
      { type: "addLayer", layer: { id: "layer-loose-furniture", name: "Loose furniture", takes: [] } },
    ]);
  });
});

describe("a layer hidden for now", () => {
  it("is said, kept in the lens or put back", async () => {
    const { on, store, revised } = boardOf();
    on(
      <>
        <LayersHere />
        <HiddenOrLocked />
      </>,
    );
    await userEvent.click(screen.getByLabelText("walls"));
    expect(screen.getByText(/Hidden for now/).textContent).toContain("walls");
    expect(screen.getByText(/on sheets A-101/)).toBeTruthy();
    expect(revised).toEqual([]);
    await userEvent.click(screen.getByRole("button", { name: "Put back" }));
    expect(store.getState().layersOff.size).toBe(0);
    await userEvent.click(screen.getByLabelText("walls"));
    await userEvent.click(screen.getByRole("button", { name: /Keep in the lens/ }));
    expect(revised).toEqual([showing(LENS, "walls", "HIDDEN")]);
    expect(store.getState().layersOff.size).toBe(0);
  });

  it("keeps its things from being picked, as a locked one does", () => {
    const { store } = boardOf();
    const groups = new Map([[WALL, { ...store.getState().groups.get(WALL), layer: "walls" }]]);
    store.setState({ groups: groups as unknown as BoardState["groups"] });
    expect(isFree(store.getState(), WALL)).toBe(true);
    store.setState({ layersOff: new Set(["walls"]) });
    expect(isFree(store.getState(), WALL)).toBe(false);
    const locked = new Map(store.getState().elements);
    locked.set("walls", { ...layerCalled("walls", ["wall"]), locked: true });
    store.setState({ layersOff: new Set(), elements: locked });
    expect(isFree(store.getState(), WALL)).toBe(false);
  });

  it("is said before a tool draws on it", () => {
    const { on, store } = boardOf({ layersOff: new Set(["notes"]), tool: { name: "note", at: null } });
    on(<EntryLine />);
    expect(screen.getByText("Layer notes is hidden for now.")).toBeTruthy();
    expect(unseen(store.getState(), "wall")).toBeNull();
    const elements = withLayers();
    elements.set("lens", showing(LENS, "walls", "HIDDEN"));
    store.setState({ elements });
    expect(unseen(store.getState(), "wall")).toBe("The lens Building plan hides layer walls.");
  });
});

describe("the layer of what is selected", () => {
  it("is changed for all of it at once", async () => {
    const { on, edits } = boardOf({ selection: [WALL] });
    on(<LayerField />);
    const field = screen.getByLabelText("Layer");
    expect(within(field).getByRole<HTMLOptionElement>("option", { name: "walls" }).selected).toBe(true);
    await userEvent.selectOptions(field, "notes");
    expect(edits).toEqual([{ type: "moveToLayer", elements: [WALL], layer: "notes" }]);
  });
});

describe("an office standard", () => {
  it("is compared with a file, and what is chosen is taken", async () => {
    const { on, edits } = boardOf({ dialog: "standard" });
    const office = { ...layerCalled("office"), name: "Office" };
    const answer = [
      { element: office, name: "layer Office", likeness: "NEW" },
      { element: LENS, name: "lens Building plan", likeness: "DIFFERENT" },
      { element: layerCalled("notes"), name: "layer notes", likeness: "SAME" },
    ];
    vi.spyOn(api, "POST").mockResolvedValue({ data: answer, response: new Response() } as never);
    on(<StandardDialog />);
    const file = new File(["{}"], "office.json", { type: "application/json" });
    await userEvent.upload(screen.getByLabelText("Standard to compare"), file);
    expect(await screen.findByText("The same: 1. Not the same: 2.")).toBeTruthy();
    expect(screen.getByText("The project has none: added")).toBeTruthy();
    expect(screen.getByText("The project has another")).toBeTruthy();
    await userEvent.click(screen.getByLabelText(/lens Building plan/));
    await userEvent.click(screen.getByRole("button", { name: "Take 2 items" }));
    expect(edits).toEqual([{ type: "takeStandard", items: [office, LENS] }]);
    vi.restoreAllMocks();
  });

  it("is told apart from the project's item by item, in words", () => {
    const elements = withLayers();
    const mine = { ...LENS, layers: [{ layer: "notes", shown: "FAINT" }], marks: ["DOORS"] } as typeof LENS;
    const theirs = { ...mine, thinnestPlyMm: 0.5, layers: [], marks: ["DOORS", "WINDOWS"] } as typeof LENS;
    expect(differences({ elements }, mine, theirs)).toEqual([
      { what: "layers, notes", mine: "notes faint", theirs: "nothing" },
      { what: "thinnest ply, mm", mine: "0.7", theirs: "0.5" },
      { what: "marks", mine: "doors", theirs: "doors windows" },
    ]);
    expect(differences({ elements }, mine, mine)).toEqual([]);
  });

  it("says what is wrong with a file", async () => {
    const { on } = boardOf({ dialog: "standard" });
    const problem = { title: "Refused", status: 422, detail: "This is not an office standard." };
    vi.spyOn(api, "POST").mockResolvedValue({
      error: problem,
      response: new Response(null, { status: 422 }),
    } as never);
    on(<StandardDialog />);
    const file = new File(["{}"], "other.json", { type: "application/json" });
    await userEvent.upload(screen.getByLabelText("Standard to compare"), file);
    expect((await screen.findByRole("alert")).textContent).toContain("This is not an office standard.");
    vi.restoreAllMocks();
  });
});

describe("a new project", () => {
  it("begins with the standard of another where that is chosen", async () => {
    const answers = (data: unknown) => Promise.resolve({ data, response: new Response() }) as never;
    vi.spyOn(api, "GET").mockImplementation(((path: string) =>
      answers(
        path === "/api/v1/projects" ? [{ id: "p1", name: "Mill" }] : path.endsWith("/standard") ? "{7}" : [],
      )) as never);
    const made = vi.spyOn(api, "POST").mockImplementation((() => answers({ id: "p2" })) as never);
    render(
      <QueryClientProvider client={new QueryClient()}>
        <NewProjectDialog onClose={() => {}} />
      </QueryClientProvider>,
    );
    await screen.findByRole("option", { name: "That of Mill" });
    await userEvent.selectOptions(screen.getByLabelText("Begins with"), "That of Mill");
    await userEvent.click(screen.getByRole("button", { name: "Make project" }));
    expect(made.mock.calls[0]?.[1]).toMatchObject({ body: { standard: "{7}" } });
    vi.restoreAllMocks();
  });
});

describe("the register", () => {
  it("keeps its order, and the first whole plan of a storey is worked in", () => {
    const first = plan();
    const ring: [number, number][] = [
      [0, 0],
      [900, 0],
      [900, 900],
    ];
    const elements = new Map<string, Element>([
      [first.id, { ...first, order: 3 }],
      ["z", { ...first, id: "z", order: 2 }],
      ["a", { ...first, id: "a", order: 1, frame: { type: "part", ring, broken: false } }],
    ]);
    expect(register({ elements }).map((d) => d.id)).toEqual(["a", "z", first.id]);
    expect(workingPlan({ elements }, first.storey)?.id).toBe("z");
  });
});
