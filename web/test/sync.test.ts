import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Edit, EditAnswer } from "../src/api/types";
import type { Sync } from "../src/board/link/sync";
import type { Lens } from "../src/board/state/lenses";
import { boardStore, WALL } from "./board";

type Answer = { readonly status: number; readonly body: unknown } | "no answer";

const moved = { type: "move", elements: [WALL], labels: [], by: [0, 100] as [number, number] } satisfies Edit;

function accepted(revision: number): EditAnswer {
  return {
    revision,
    name: "move wall W1",
    put: [],
    removed: [],
    undo: "move wall W1",
    news: [],
    redo: null,
    picture: null,
    fault: null,
  };
}

let asked: { path: string; body: { editId?: string; seen?: number } }[];
let answers: (Answer | Promise<Answer>)[];
let hear: (e: { data: string }) => void;
let store: ReturnType<typeof boardStore>;
let sync: Sync;

beforeEach(async () => {
  asked = [];
  answers = [];
  vi.useFakeTimers();
  vi.stubGlobal("SharedWorker", undefined);
  vi.stubGlobal(
    "EventSource",
    class {
      addEventListener(_: string, listener: typeof hear) {
        hear = listener;
      }
      close() {}
    },
  );
  vi.stubGlobal("localStorage", { getItem: () => null, setItem: () => {} });
  vi.stubGlobal("fetch", async (request: Request) => {
    asked.push({
      path: new URL(request.url).pathname,
      body: request.method === "POST" ? await request.json() : {},
    });
    const answer = (await answers.shift()) ?? { status: 200, body: {} };
    if (answer === "no answer") throw new TypeError("Failed to fetch");
    return new Response(JSON.stringify(answer.body), {
      status: answer.status,
      headers: { "Content-Type": "application/json" },
    });
  });
  const relative = globalThis.Request;
  vi.stubGlobal(
    "Request",
    class extends relative {
      constructor(input: string | URL | Request, init?: RequestInit) {
        super(typeof input === "string" ? new URL(input, "http://board.test") : input, init);
      }
    },
  );
  store = boardStore({ revision: 7 });
  vi.resetModules();
  sync = new (await import("../src/board/link/sync")).Sync(store);
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("an answer that does not come", () => {
  it("is asked for again under the same id while the server says not just now", async () => {
    answers = [{ status: 503, body: { detail: "The database does not answer." } }, "no answer"];
    answers.push({ status: 200, body: accepted(8) }, { status: 200, body: picture });
    const stored = sync.edit(moved);
    await vi.advanceTimersByTimeAsync(0);
    expect(store.getState().saving).toBe("offline");
    await vi.advanceTimersByTimeAsync(20_000);
    expect(await stored).toBe(true);
    expect(store.getState()).toMatchObject({ saving: "saved", revision: 8 });
    const sent = asked.filter((a) => a.path.endsWith("/edits")).map((a) => a.body.editId);
    expect(new Set(sent).size).toBe(1);
    expect(sent).toHaveLength(3);
  });

  it("is no refusal where the edit is stored and only its picture is not had", async () => {
    answers = [
      { status: 200, body: accepted(8) },
      { status: 500, body: { detail: "Something went wrong here." } },
    ];
    expect(await sync.edit(moved)).toBe(true);
    expect(store.getState()).toMatchObject({ saving: "saved", revision: 8, refused: null });
    expect(store.getState().saying).toBe("Something went wrong here.");
    answers = [{ status: 200, body: { ...accepted(9), fault: "It is stored, but cannot be drawn." } }];
    expect(await sync.edit(moved)).toBe(true);
    expect(store.getState().saying).toBe("It is stored, but cannot be drawn.");
  });
});

describe("a drawing that is to be shown", () => {
  const other = { kind: "drawing" as const, id: "other" };
  const pictures = () => asked.filter((a) => a.path.endsWith("/picture")).length;

  it("is asked for until the server answers", async () => {
    answers = [
      "no answer",
      { status: 503, body: { detail: "Not just now." } },
      { status: 200, body: picture },
    ];
    const shown = sync.show(other);
    await vi.advanceTimersByTimeAsync(0);
    expect(store.getState().saying).toBe("The server does not answer.");
    await vi.advanceTimersByTimeAsync(20_000);
    await shown;
    expect(pictures()).toBe(3);
    expect(store.getState()).toMatchObject({ drawn: "other", saying: null });
  });

  it("leaves nothing of the one before where it is not there, and says so", async () => {
    store.setState({ groups: new Map([["door", { element: "door" } as never]]) });
    answers = [{ status: 404, body: { detail: "There is no such drawing." } }];
    await sync.show(other);
    expect(store.getState()).toMatchObject({ saying: "There is no such drawing." });
    expect(store.getState().groups.size).toBe(0);
  });
});

describe("the project as it was", () => {
  const version = { id: "old", name: "Before the porch" };

  it("is not changed, and says so", async () => {
    store.setState({ version });
    expect(await sync.edit(moved)).toBe(false);
    expect(await sync.undo()).toBe(false);
    expect(asked).toEqual([]);
    expect(store.getState().saying).toContain("Before the porch");
  });

  it("shows its first drawing where it had not the one shown", async () => {
    const drawing = { type: "drawing", id: "first", kind: "PLAN", order: 0, storey: "ground" };
    store.setState({ shown: { kind: "drawing", id: "later" }, drawn: "later" });
    answers = [
      { status: 200, body: { elements: [drawing], revision: 3, undo: null, redo: null } },
      { status: 200, body: { ...picture, revision: 3 } },
    ];
    await sync.lookAt(version);
    expect(asked.at(-1)?.path).toContain("/drawings/first/picture");
    expect(store.getState()).toMatchObject({ drawn: "first", revision: 3 });
  });
});

describe("edits that may be made soon", () => {
  const other = { ...moved, by: [0, 200] as [number, number] };
  const tried = () => asked.filter((a) => a.path.endsWith("/previews")).map((a) => a.body);

  const trial = { refusal: null, gaps: [], picture: { changed: [], gone: ["door"] }, revision: 7 };

  it("are tried once, and shown only when one is made", async () => {
    answers = [
      { status: 200, body: trial },
      { status: 200, body: { ...trial, refusal: "It would not fit." } },
      { status: 200, body: accepted(8) },
    ];
    await sync.previews.ready([moved, other]);
    await sync.previews.ready([moved, other]);
    expect(tried()).toEqual([moved, other]);
    expect(store.getState().preview).toBeNull();
    const made = sync.edit(moved);
    expect(store.getState().preview).toMatchObject({ made: true, gone: new Set(["door"]) });
    await made;
    expect(store.getState().preview).toBeNull();
  });

  it("are not shown where they would be refused", async () => {
    answers = [
      { status: 200, body: { ...trial, refusal: "It would not fit." } },
      { status: 422, body: { detail: "It would not fit." } },
    ];
    await sync.previews.ready([moved]);
    const made = sync.edit(moved);
    expect(store.getState().preview).toBeNull();
    expect(await made).toBe(false);
  });

  it("are tried no more once one is made", async () => {
    let answer: (a: Answer) => void = () => {};
    answers = [new Promise<Answer>((done) => (answer = done)), { status: 200, body: accepted(8) }];
    const ready = sync.previews.ready([moved, other]);
    await vi.advanceTimersByTimeAsync(0);
    const made = sync.edit(moved);
    answer({ status: 200, body: {} });
    await Promise.all([ready, made]);
    expect(tried()).toEqual([moved]);
  });
});

describe("a drawing opened while an edit in another is on its way", () => {
  const group = (element: string) => ({
    element,
    layer: "walls",
    items: [],
    catches: [],
    ground: [],
    drawing: null,
  });
  const pictureOf = (revision: number, ...elements: string[]) => ({
    status: 200,
    body: { revision, picture: { scale: 50, groups: elements.map(group) } },
  });
  const changedThere = {
    ...accepted(8),
    picture: { scale: 50, changed: [group("of the first")], gone: ["of the second"] },
  };

  it("shows what is its own, as it is after the edit", async () => {
    const first = store.getState().shown?.id ?? "";
    store.setState({ drawn: first });
    let answer: (a: Answer) => void = () => {};
    answers = [new Promise<Answer>((done) => (answer = done)), pictureOf(7, "of the second")];
    const stored = sync.edit(moved);
    await vi.advanceTimersByTimeAsync(0);
    await sync.show({ kind: "drawing", id: "second" });
    expect([...store.getState().groups.keys()]).toEqual(["of the second"]);
    answers = [pictureOf(8, "of the second", "new in the second")];
    answer({ status: 200, body: changedThere });
    expect(await stored).toBe(true);
    expect([...store.getState().groups.keys()]).toEqual(["of the second", "new in the second"]);
  });

  it("is asked for anew where the edit overtook its picture", async () => {
    store.setState({ drawn: store.getState().shown?.id ?? "" });
    let late: (a: Answer) => void = () => {};
    answers = [new Promise<Answer>((done) => (late = done)), { status: 200, body: changedThere }];
    const shown = sync.show({ kind: "drawing", id: "second" });
    const stored = sync.edit(moved);
    answers.push(pictureOf(8, "after the edit"), pictureOf(8, "after the edit"));
    await stored;
    late(pictureOf(7, "before the edit"));
    await shown;
    expect([...store.getState().groups.keys()]).toEqual(["after the edit"]);
  });
});

describe("a drawing gone back to", () => {
  const group = (element: string) => ({
    element,
    layer: "walls",
    items: [],
    catches: [],
    ground: [],
    drawing: null,
  });
  const pictureOf = (revision: number, element: string) => ({
    status: 200,
    body: { revision, picture: { scale: 50, groups: [group(element)] } },
  });
  const pictures = () => asked.filter((a) => a.path.endsWith("/picture")).length;
  const first = { kind: "drawing", id: "first" } as const;
  const second = { kind: "drawing", id: "second" } as const;

  beforeEach(async () => {
    answers = [pictureOf(7, "in the first"), pictureOf(7, "in the second")];
    await sync.show(first);
    await sync.show(second);
  });

  it("is there at once where nothing has changed since", async () => {
    await sync.show(first);
    expect([...store.getState().groups.keys()]).toEqual(["in the first"]);
    expect(store.getState()).toMatchObject({ drawn: "first", scale: 50 });
    expect(pictures()).toBe(2);
  });

  it("is asked for anew after an edit, and shows what that changed", async () => {
    answers = [
      { status: 200, body: { ...accepted(8), picture: { scale: 50, changed: [group("new")], gone: [] } } },
    ];
    await sync.edit(moved);
    answers = [pictureOf(8, "changed in the first")];
    await sync.show(first);
    expect([...store.getState().groups.keys()]).toEqual(["changed in the first"]);
    await sync.show(second);
    expect([...store.getState().groups.keys()]).toEqual(["in the second", "new"]);
    expect(pictures()).toBe(3);
  });

  it("is asked for anew where the edit's answer came without a picture", async () => {
    answers = [{ status: 200, body: { ...accepted(8), fault: "It is stored, but cannot be drawn." } }];
    await sync.edit(moved);
    answers = [pictureOf(8, "changed in the first"), pictureOf(8, "changed in the second")];
    await sync.show(first);
    await sync.show(second);
    expect([...store.getState().groups.keys()]).toEqual(["changed in the second"]);
  });
});

describe("two facts typed one after the other", () => {
  it("both stand, however late the first is answered", async () => {
    const wall = store.getState().elements.get(WALL);
    if (wall?.type !== "wall") throw new Error("no wall");
    answers = [
      { status: 200, body: { ...accepted(8), put: [{ ...wall, mark: "W9" }] } },
      { status: 200, body: picture },
      { status: 200, body: accepted(9) },
      { status: 200, body: picture },
    ];
    const first = sync.revise({ ...wall, mark: "W9" });
    const second = sync.revise({ ...wall, state: "EXISTING" });
    await Promise.all([first, second]);
    const sent = asked.filter((a) => a.path.endsWith("/edits")).map((a) => a.body as { edit?: Edit });
    expect(sent[1]?.edit).toMatchObject({ element: { mark: "W9", state: "EXISTING" } });
  });
});

describe("two members of one list changed one after the other", () => {
  const shownAs = (layer: string, shown: "FAINT" | "HIDDEN") => ({ layer, shown, hiddenFrom: 0 });

  it("both stand, and neither brings back what the other took out", async () => {
    const [walls, doors, notes] = ["layer-walls", "layer-doors", "layer-notes"] as const;
    const before = { type: "lens", id: "lens", layers: [shownAs(notes, "HIDDEN")] } as unknown as Lens;
    store.setState({ elements: new Map(store.getState().elements).set(before.id, before) });
    const after = { ...before, layers: [shownAs(walls, "FAINT")] };
    answers = [
      { status: 200, body: { ...accepted(8), put: [after] } },
      { status: 200, body: picture },
    ];
    answers.push({ status: 200, body: accepted(9) }, { status: 200, body: picture });
    await Promise.all([
      sync.revise(after),
      sync.revise({ ...before, layers: [...before.layers, shownAs(doors, "HIDDEN")] }),
    ]);
    const sent = asked.filter((a) => a.path.endsWith("/edits")).map((a) => a.body as { edit?: Edit });
    expect(sent[1]?.edit).toMatchObject({
      element: { layers: [shownAs(doors, "HIDDEN"), shownAs(walls, "FAINT")] },
    });
  });
});

const picture = { revision: 8, picture: { scale: 50, groups: [] } };

describe("an edit", () => {
  it("names the revision the board has seen and moves on by one", async () => {
    answers = [
      { status: 200, body: accepted(8) },
      { status: 200, body: picture },
    ];
    expect(await sync.edit(moved)).toBe(true);
    expect(asked[0]?.body.seen).toBe(7);
    expect(store.getState()).toMatchObject({ revision: 8, undo: "move wall W1", saving: "saved" });
  });

  it("is sent again under the same id until the server answers", async () => {
    answers = ["no answer", "no answer", { status: 200, body: accepted(8) }, { status: 200, body: picture }];
    const done = sync.edit(moved);
    await vi.advanceTimersByTimeAsync(10);
    expect(store.getState().saving).toBe("offline");
    await vi.advanceTimersByTimeAsync(5000);
    expect(await done).toBe(true);
    const sent = asked.filter((a) => a.path.endsWith("/edits"));
    expect(sent).toHaveLength(3);
    expect(new Set(sent.map((a) => a.body.editId)).size).toBe(1);
    expect(store.getState().saving).toBe("saved");
  });

  it("that is refused says why and changes nothing", async () => {
    answers = [
      { status: 422, body: { title: "Refused", status: 422, detail: "W5 would lie on W1.", concerns: [] } },
    ];
    expect(await sync.edit(moved)).toBe(false);
    expect(store.getState()).toMatchObject({ revision: 7, saying: "W5 would lie on W1.", saving: "saved" });
  });

  it("reads everything again where another window came between", async () => {
    const state = { revision: 9, elements: [...store.getState().elements.values()], undo: "x", redo: null };
    answers = [
      { status: 200, body: accepted(9) },
      { status: 200, body: state },
      { status: 200, body: { ...picture, revision: 9 } },
    ];
    await sync.edit(moved);
    expect(asked.map((a) => a.path.split("/").pop())).toEqual(["edits", "state", "picture"]);
    expect(store.getState().revision).toBe(9);
  });

  it("waits for the one before it", async () => {
    answers = [
      { status: 200, body: accepted(8) },
      { status: 200, body: picture },
      { status: 200, body: accepted(9) },
      { status: 200, body: picture },
    ];
    await Promise.all([sync.edit(moved), sync.edit(moved)]);
    expect(asked.filter((a) => a.path.endsWith("/edits")).map((a) => a.body.seen)).toEqual([7, 8]);
  });
});

describe("previews", () => {
  const preview = (revision: number, name: string) => ({
    status: 200,
    body: { revision, name, refusal: null, concerns: [], picture: { scale: 50, changed: [], gone: [] } },
  });

  it("ask once at a time, and the latest wins", async () => {
    answers = [preview(7, "first"), preview(7, "last")];
    sync.previews.show({ ...moved, by: [0, 1] });
    sync.previews.show({ ...moved, by: [0, 2] });
    sync.previews.show({ ...moved, by: [0, 3] });
    await vi.advanceTimersByTimeAsync(20);
    expect(asked.map((a) => (a.body as unknown as { by: number[] }).by[1])).toEqual([1, 3]);
    expect(store.getState().preview?.name).toBe("last");
  });

  it("of an older revision are dropped", async () => {
    answers = [preview(6, "stale")];
    sync.previews.show(moved);
    await vi.advanceTimersByTimeAsync(20);
    expect(store.getState().preview).toBeNull();
  });

  it("go when nothing is meant any more", async () => {
    answers = [preview(7, "shown")];
    sync.previews.show(moved);
    await vi.advanceTimersByTimeAsync(20);
    sync.previews.show(null);
    expect(store.getState().preview).toBeNull();
  });
});

describe("what another window changed", () => {
  const revised = (revision: number, window = "another") =>
    hear({ data: JSON.stringify({ project: "p", revision, window }) });
  const wallAs = (mark: string) => ({ ...store.getState().elements.get(WALL), mark });

  beforeEach(() => store.setState({ drawn: "d" }));

  it("comes as what changed, and the rest stays", async () => {
    const before = store.getState().elements;
    answers = [
      {
        status: 200,
        body: { ...accepted(9), put: [wallAs("W9")], picture: { scale: 50, changed: [], gone: [] } },
      },
    ];
    revised(9);
    await vi.advanceTimersByTimeAsync(0);
    expect(asked.map((a) => a.path)).toEqual(["/api/v1/projects/p/changes"]);
    expect(store.getState().revision).toBe(9);
    expect(store.getState().elements.get(WALL)).toMatchObject({ mark: "W9" });
    for (const [id, e] of before) if (id !== WALL) expect(store.getState().elements.get(id)).toBe(e);
  });

  it("is followed to the last that was heard of, though an answer tells of less", async () => {
    const none = { scale: 50, changed: [], gone: [] };
    answers = [
      { status: 200, body: { ...accepted(8), picture: none } },
      { status: 200, body: { ...accepted(9), picture: none } },
      { status: 200, body: { ...accepted(9), picture: none } },
    ];
    revised(8);
    revised(9);
    await vi.advanceTimersByTimeAsync(0);
    expect(store.getState().revision).toBe(9);
  });

  it("is read anew where too much has changed", async () => {
    answers = [
      { status: 422, body: { detail: "Too much has changed since revision 7.", concerns: [] } },
      {
        status: 200,
        body: { revision: 99, elements: [...store.getState().elements.values()], undo: null, redo: null },
      },
    ];
    revised(99);
    await vi.advanceTimersByTimeAsync(0);
    expect(asked.map((a) => a.path.split("/").pop())).toEqual(["changes", "state", "picture"]);
    expect(store.getState().revision).toBe(99);
  });

  it("is not asked for where it is known, or was made here", async () => {
    revised(7);
    revised(3);
    await vi.advanceTimersByTimeAsync(0);
    expect(asked).toEqual([]);
  });

  it("waits until the project has been read at all", async () => {
    store.setState({ revision: -1, drawn: null });
    revised(9);
    await vi.advanceTimersByTimeAsync(0);
    expect(asked).toEqual([]);
  });
});

describe("views", () => {
  it("go back one at a time", () => {
    const first = store.getState().view;
    sync.views.look({ centre: { x: 1, y: 1 }, zoom: 1 });
    sync.views.zoomToAll();
    sync.views.back();
    expect(store.getState().view.zoom).toBe(1);
    sync.views.back();
    expect(store.getState().view).toEqual(first);
  });

  it("fit the selection", () => {
    store.setState({ selection: [WALL] });
    sync.views.zoomToSelection();
    expect(store.getState().view.centre).toEqual({ x: 2500, y: 50 });
  });
});
