import { describe, expect, it } from "vitest";
import type { Element, SetOut, SettingOut } from "../src/api/types";
import { freePick, pickFrom } from "../src/board/catch/aim";
import { lineAsked, stepsTo } from "../src/board/state/setOutReport";
import { type BoardState, measureShown, type Preview, readingOf } from "../src/board/state/state";
import { nextSetOut, setOutAfterSwap, setOutOptions, usualSetOut } from "../src/board/things/setOut";
import { editMeant, prompt } from "../src/board/tools";
import { measureEdit } from "../src/board/tools/parts/measured";
import { nextPick } from "../src/board/tools/run";
import { board, typed, WALL } from "./board";

const pick = (x: number, y: number) => ({
  at: [x, y] as [number, number],
  hold: { type: "atPoint" as const, at: [x, y] as [number, number] },
});

/** The state with the pointer somewhere, and what it catches there. */
function pointing(x: number, y: number, change: Partial<BoardState> = {}): BoardState {
  const state = board(change);
  return { ...state, pointer: { x, y }, caughts: state.nearby.catchesAt({ x, y }, 80) };
}

describe("aiming", () => {
  it("takes a corner as it is", () => {
    expect(freePick(pointing(30, -20))).toEqual({ at: [0, 0], hold: { type: "atCorner", corner: "c0" } });
  });

  it("rounds a free point to a step that suits the zoom", () => {
    expect(freePick(pointing(1237, 2871))?.at).toEqual([1250, 2850]);
  });

  it("goes square where the pointer is nearly square", () => {
    expect(pickFrom({ x: 1000, y: 2000 }, pointing(3012, 2090))?.at).toEqual([3000, 2000]);
  });

  it("keeps a slant that is meant", () => {
    const at = pickFrom({ x: 0, y: 1000 }, pointing(2000, 3000))?.at ?? [0, 0];
    expect(at[0]).toBeCloseTo(at[1] - 1000, 6);
  });

  it("puts a typed length on the way the pointer shows", () => {
    expect(pickFrom({ x: 1000, y: 2000 }, pointing(3000, 2050, typed(2350)))?.at).toEqual([3350, 2000]);
    expect(pickFrom({ x: 1000, y: 2000 }, pointing(990, 500, typed(-300)))?.at).toEqual([1000, 2300]);
  });

  it("ends on a face straight ahead, not at the foot of the pointer", () => {
    expect(pickFrom({ x: 2000, y: 3000 }, pointing(2080, 130))).toEqual({
      at: [2000, 100],
      hold: { type: "onFace", wall: WALL, face: 3 },
    });
  });

  it("proposes to join what a typed length happens to reach", () => {
    expect(pickFrom({ x: 2000, y: 3000 }, pointing(2010, 1000, typed(2900)))?.hold).toEqual({
      type: "onFace",
      wall: WALL,
      face: 3,
    });
  });
});

describe("a run of walls", () => {
  const run = (...picks: ReturnType<typeof pick>[]) => ({
    tool: { name: "run" as const, picks, undone: [] },
  });

  it("starts at the point caught", () => {
    expect(nextPick(pointing(4990, 20, run()), run().tool)?.hold).toEqual({ type: "atCorner", corner: "c1" });
    expect(editMeant(pointing(4990, 20, run()))).toBeNull();
  });

  it("previews the walls so far and the next", () => {
    const meant = editMeant(pointing(1000, 5000, run(pick(1000, 2000))));
    expect(meant).toMatchObject({ type: "drawWalls", wall: { storey: "s" }, close: false });
    expect(meant?.type === "drawWalls" && meant.picks.map((p) => p.at)).toEqual([
      [1000, 2000],
      [1000, 5000],
    ]);
  });

  it("closes when it comes back to its start", () => {
    const meant = editMeant(
      pointing(1030, 2020, run(pick(1000, 2000), pick(1000, 5000), pick(4000, 5000), pick(4000, 2000))),
    );
    expect(meant).toMatchObject({ close: true });
    expect(meant?.type === "drawWalls" && meant.picks).toHaveLength(4);
  });

  it("says what comes next", () => {
    expect(prompt(board(run()))[1]).toContain("starts");
    expect(prompt(board(run(pick(0, 0))))[1]).toContain("type the length");
  });
});

/** What the last answer says of a door: from the wall's start and its end, to its edges. */
function setOutAt(from: number, to: number): SettingOut {
  const measure = (end: "START" | "END", mm: number, x: number): SettingOut["measures"][number] => ({
    placing: {
      type: "off",
      stop: { type: "wallsEnd", end, line: "LEFT_FINISH" },
      to: "NEAR",
      distanceMm: mm,
    },
    beyondMm: 0,
    mm,
    printed: String(mm),
    from: [x, 350],
    to: [x === 0 ? from : to, 350],
    words: `From the wall's ${end}`,
  });
  const measures = [measure("START", from, 0), measure("END", 5000 - to, 5000)];
  const [{ placing }] = measures as [SettingOut["measures"][number]];
  return { thing: "new", wall: WALL, rule: "", placing, measures, choices: [] };
}

function answered(settingOut: SettingOut): Preview {
  return {
    groups: new Map(),
    gone: new Set(),
    name: "",
    refusal: null,
    gaps: [],
    settingOut,
    length: null,
    made: false,
  };
}

describe("the distance that typing goes to", () => {
  const bare = { fixWidthMm: 0, fixHeightMm: 0, frameMm: 0, gapMm: 0, underMm: 0 };
  const makes = { door: bare, window: bare, source: "" } as unknown as BoardState["making"]["makes"];
  const making = { ...board().making, makes };
  const door = { tool: { name: "door" as const }, making, preview: answered(setOutAt(1000, 1900)) };
  const aimOf = (state: BoardState) => {
    const meant = editMeant(state);
    return meant?.type === "placeOpening" ? meant.aim : null;
  };

  it("is that to the neighbour the pointer is nearer to, before an answer says so", () => {
    const before = pointing(1450, 120, { ...door, ...typed(600) });
    expect([measureShown(before), aimOf(before)]).toMatchObject([0, { measure: 0, mm: 600 }]);
    const passed = pointing(3600, 120, { ...door, ...typed(600) });
    expect([measureShown(passed), aimOf(passed)]).toMatchObject([1, { measure: 1, mm: 600 }]);
  });

  it("stays on its side whatever is typed", () => {
    const far = answered(setOutAt(3900, 4800));
    const state = pointing(1450, 120, { ...door, ...typed(3900), preview: far });
    expect([measureShown(state), aimOf(state)]).toMatchObject([0, { measure: 0, mm: 3900 }]);
  });

  it("is left to the place where what is shown stands in another wall", () => {
    const other = answered({ ...setOutAt(1000, 1900), wall: "w2" });
    expect(aimOf(pointing(1450, 120, { ...door, ...typed(600), preview: other }))).toMatchObject({
      measure: -1,
    });
  });

  it("is of the opening as it stood before typing", () => {
    const settingOut = setOutAt(1000, 1900);
    const [kept] = settingOut.measures;
    const opening = { type: "opening", id: "new", wall: WALL, placing: settingOut.placing };
    const elements = new Map([...board().elements, ["new", opening as unknown as Element]]);
    const far = setOutAt(3900, 4800);
    const swapped = answered({ ...far, measures: far.measures.toReversed() });
    const state = pointing(0, 0, {
      elements,
      selection: ["new"],
      settingOut,
      preview: swapped,
      ...typed(3900),
    });
    expect(measureShown(state)).toBe(1);
    expect(measureEdit(state)).toMatchObject({
      element: { placing: { ...kept?.placing, distanceMm: 3900 } },
    });
  });
});

describe("a door", () => {
  const make = { fixWidthMm: 10, fixHeightMm: 5, frameMm: 32, gapMm: 3, underMm: 8, leafMm: 40 };
  const bare = { ...make, threshold: false, barsAcross: 0, barsUp: 0 };
  const making = { ...board().making, makes: { door: bare, window: bare, source: "" } };
  const door = { tool: { name: "door" as const }, making };

  it("is set out where the pointer is, from the side it points to", () => {
    expect(editMeant(pointing(1000, 120, door))).toMatchObject({
      wall: WALL,
      aim: { type: "pointed", at: [1000, 120], side: "LEFT", of: "FINISH" },
      make: bare,
    });
  });

  it("takes what is typed for the distance chosen", () => {
    expect(editMeant(pointing(1000, 120, { ...door, ...typed(600), measureAt: 2 }))).toMatchObject({
      aim: { type: "typed", measure: 2, mm: 600 },
    });
  });

  it("goes by the rule chosen", () => {
    const centred = { ...door, making: { ...making, setting: "ROOM" as const } };
    expect(editMeant(pointing(1000, 120, centred))).toMatchObject({ aim: { type: "centred", in: "ROOM" } });
    const off = { ...door, making: { ...making, setting: "STAND_OFF" as const, standOffMm: 150 } };
    expect(editMeant(pointing(1000, 120, off))).toMatchObject({ aim: { type: "standOff", mm: 150 } });
    expect(editMeant(pointing(1000, 120, { ...off, ...typed(90) }))).toMatchObject({
      aim: { type: "standOff", mm: 90 },
    });
    const spaced = { ...door, making: { ...making, setting: "SPACED" as const, spaced: 4 } };
    expect(editMeant(pointing(1000, 120, spaced))).toMatchObject({ aim: { type: "spaced", count: 4 } });
  });

  it("opens to the side of the pointer and hangs on the nearer end unless turned", () => {
    expect(editMeant(pointing(1000, 120, door))).toMatchObject({ kind: { hinge: "START", swing: "LEFT" } });
    expect(editMeant(pointing(1000, -20, door))).toMatchObject({ kind: { swing: "RIGHT" } });
    const turned = { ...door, making: { ...making, flipHinge: true } };
    expect(editMeant(pointing(1000, 120, turned))).toMatchObject({ kind: { hinge: "END" } });
  });

  it("needs a wall", () => {
    expect(editMeant(pointing(1000, 3000, door))).toBeNull();
  });
});

describe("a dimension string", () => {
  it("measures square to the faces picked", () => {
    const state = board();
    const outer = state.nearby.catchesAt({ x: 2000, y: -20 }, 60)[0];
    const inner = state.nearby.catchesAt({ x: 2000, y: 120 }, 60)[0];
    if (!outer || !inner) throw new Error("nothing caught");
    const meant = editMeant(
      pointing(-700, 50, { tool: { name: "string", picks: [outer, inner], undone: [] } }),
    );
    expect(meant).toMatchObject({ type: "drawString", way: { type: "found" }, at: [-700, 50] });
    expect(meant?.type === "drawString" && meant.holds.map((h) => h.type)).toEqual(["onFace", "onFace"]);
  });
});

describe("areas and slopes", () => {
  it("an area is meant by three faces or more, where the pointer is", () => {
    const [face] = pointing(2000, 110).caughts;
    if (!face) throw new Error("nothing caught");
    const meant = (n: number) =>
      editMeant(pointing(900, 700, { tool: { name: "area", picks: Array(n).fill(face), undone: [] } }));
    expect(meant(2)).toBeNull();
    expect(meant(3)).toMatchObject({ type: "drawDimension", at: [900, 700], of: { type: "surface" } });
  });

  it("a slope is between what was picked, held to or not", () => {
    const place = (x: number) => ({ near: [x, 0] as [number, number], hold: pick(x, 0).hold });
    const tool = (...picks: ReturnType<typeof place>[]) => ({ name: "slope" as const, picks, undone: [] });
    expect(editMeant(pointing(500, -900, { tool: tool(place(0)) }))).toBeNull();
    expect(editMeant(pointing(500, -900, { tool: tool(place(0), place(4000)) }))).toMatchObject({
      type: "drawDimension",
      at: [500, -900],
      of: { type: "slope", one: place(0), other: place(4000) },
    });
  });
});

describe("a part of a drawing", () => {
  const tool = { name: "part" as const, picks: [pick(0, 2000)], drawing: null };
  const showing = (change: Partial<Extract<Element, { type: "drawing" }>>) => {
    const state = pointing(1500, 3000, { tool });
    const shown = state.elements.get("d");
    if (shown?.type !== "drawing") throw new Error("no drawing");
    return { ...state, elements: new Map(state.elements).set("d", { ...shown, ...change }) };
  };

  it("of a section is of the same line, at a larger scale, between break lines", () => {
    const subject = { type: "one" as const, element: "line" };
    expect(editMeant(showing({ name: "Section A", kind: "SECTION", subject }))).toMatchObject({
      type: "addDrawing",
      name: "Section A, detail",
      kind: "SECTION",
      subject,
      scale: 10,
      frame: { type: "part", broken: true },
    });
  });

  it("of a plan is a plan; of a schedule there is none", () => {
    expect(editMeant(showing({}))).toMatchObject({ kind: "PLAN", scale: 20, frame: { broken: false } });
    expect(editMeant(showing({ kind: "DOORS" }))).toBeNull();
  });
});

describe("the boundary of a plot", () => {
  const picks = [pick(-2000, -2000), pick(8000, -2000), pick(8000, 6000)];

  it("closes at its first corner, and goes on to the pointer elsewhere", () => {
    const tool = { name: "boundary" as const, picks };
    const corners = picks.map((p) => p.at);
    expect(editMeant(pointing(-2010, -1990, { tool }))).toMatchObject({
      type: "drawBoundary",
      corners,
      closed: true,
    });
    expect(editMeant(pointing(-2000, 6000, { tool }))).toMatchObject({
      type: "drawBoundary",
      corners: [...corners, [-2000, 6000]],
      closed: false,
    });
  });

  it("has no side before a second corner", () => {
    expect(editMeant(pointing(0, 0, { tool: { name: "boundary", picks: [] } }))).toBeNull();
  });
});

describe("a figure of a string", () => {
  const tool = { name: "figure" as const, string: "d", at: [1000, -900] as [number, number] };

  it("goes where the pointer is, or says what is typed", () => {
    expect(editMeant(pointing(2000, -1500, { tool: { ...tool, at: null } }))).toBeNull();
    expect(editMeant(pointing(2000, -1500, { tool }))).toEqual({
      type: "reviseFigure",
      string: "d",
      at: [1000, -900],
      to: { type: "standing", there: [2000, -1500] },
    });
    expect(editMeant(pointing(2000, -1500, { tool, entry: "900 min" }))).toMatchObject({
      to: { type: "saying", words: "900 min" },
    });
  });
});

describe("a note", () => {
  it("waits for its words", () => {
    const note = { tool: { name: "note" as const, at: { x: 10, y: 20 } } };
    expect(editMeant(board(note))).toBeNull();
    expect(editMeant(board({ ...note, entry: "Kitchen" }))).toMatchObject({
      type: "placeNote",
      text: "Kitchen",
      at: [10, 20],
      style: "",
      pointsAt: [],
    });
  });

  it("with a leader speaks of the thing that was clicked, and shows itself before it is typed", () => {
    const over = pointing(2000, 50, { tool: { name: "leader", picks: [], at: null } });
    expect(prompt(over)[1]).toContain("Click what it speaks of");
    const picks = [{ type: "thing" as const, thing: WALL, at: [2000, 50] as [number, number] }];
    const placing = pointing(3000, -900, { tool: { name: "leader", picks, at: null } });
    expect(editMeant(placing)).toMatchObject({
      type: "placeNote",
      at: [3000, -900],
      text: "\u2026",
      pointsAt: picks,
    });
    const typing = { tool: { name: "leader" as const, picks, at: { x: 3000, y: -900 } }, entry: "{ply}" };
    expect(editMeant(board(typing))).toMatchObject({ text: "{ply}", pointsAt: picks });
    expect(readingOf(board({ ...typing, entry: "12" }))).toBeNull();
  });
});

describe("the set-out line", () => {
  const plies = [
    { material: "m", thicknessMm: 100, does: "FACING" as const, framing: { type: "solid" as const } },
    { material: "m", thicknessMm: 140, does: "CARRIES" as const, framing: { type: "solid" as const } },
    { material: "m", thicknessMm: 12.5, does: "LINING" as const, framing: { type: "solid" as const } },
  ];
  const buildUp = {
    type: "buildUp" as const,
    id: "b",
    name: "B",
    mark: "1",
    use: "WALL" as const,
    fire: "",
    sound: "",
    source: "",
    plies,
  };

  it("steps from the outside in and round again", () => {
    const seen: SetOut[] = [{ type: "onFace", face: 0 }];
    for (let i = 0; i < 5; i++) seen.push(nextSetOut(buildUp, seen[i] ?? { type: "innerFace" }));
    expect(seen.map((s) => (s.type === "onFace" ? s.face : s.type))).toEqual([
      0,
      "outsideOfStructure",
      "middleOfStructure",
      "insideOfStructure",
      "innerFace",
      0,
    ]);
  });

  it("is named from room to room, and by the way it is drawn where there is no weather face", () => {
    expect(setOutOptions(buildUp).map((o) => o.words)).toEqual([
      "Weather face",
      "Structure, weather side",
      "Middle of structure",
      "Structure, room side",
      "Room face",
    ]);
    const partition = { plies: [plies[2], plies[1], plies[2]].flatMap((p) => p ?? []) };
    expect(setOutOptions(partition, "RIGHT").map((o) => o.words)[0]).toBe("Finished face, right");
  });

  it("of walls to draw stays at the place chosen when they are to be of another build-up", () => {
    const partition = { ...buildUp, plies: [plies[2], plies[1], plies[2]].flatMap((p) => p ?? []) };
    expect(setOutAfterSwap(buildUp, partition, { type: "innerFace" })).toEqual({ type: "innerFace" });
    expect(setOutAfterSwap(buildUp, partition, usualSetOut(buildUp))).toEqual({ type: "middleOfStructure" });
  });

  it("lies on the weather face where there is one, else in the middle", () => {
    expect(usualSetOut(buildUp)).toEqual({ type: "onFace", face: 0 });
    expect(usualSetOut({ ...buildUp, plies: plies.slice(1) })).toEqual({ type: "middleOfStructure" });
  });
});

describe("the points of a string", () => {
  const STRING = {
    type: "dimensionString",
    id: "string",
    layer: "l",
    drawing: "d",
    direction: [1, 0],
    at: [0, -900],
    holds: [
      { type: "atCorner", corner: "c0" },
      { type: "atCorner", corner: "c1" },
    ],
    throughLens: false,
  } as unknown as Element;
  const tool = { name: "points", string: "string" } as const;

  function at(x: number, y: number, onString: "TAKE" | "SPLIT" = "TAKE") {
    const state = pointing(x, y, { tool });
    const elements = new Map(state.elements).set("string", STRING);
    return editMeant({ ...state, elements, making: { ...state.making, onString } });
  }

  it("are added by what is caught, once", () => {
    expect(at(30, -20), "has that corner").toBeNull();
    expect(at(2000, 110)).toMatchObject({ type: "addStringPoint", hold: { type: "onFace", wall: WALL } });
    expect(at(2000, 3000), "nothing to hold to").toBeNull();
  });

  it("are taken out, or the string is split, by a click on its line", () => {
    expect(at(1500, -905)).toMatchObject({ type: "takeStringPoint", string: "string", at: [1500, -905] });
    expect(at(1500, -905, "SPLIT")).toMatchObject({ type: "splitString", at: [1500, -905] });
  });
});

describe("dimensioning a plan", () => {
  it("asks for all sides and rooms, as the region draws strings", () => {
    expect(editMeant(board({ tool: { name: "dimension", rooms: [] } }))).toMatchObject({
      type: "dimensionPlan",
      drawing: "d",
      sides: ["TOP", "RIGHT", "BOTTOM", "LEFT"],
      inside: true,
      rooms: [],
      scheme: { outside: "FINISH", walls: "STRUCTURE", openings: "EDGES" },
    });
  });

  it("says that nothing is missing in place of what to do", () => {
    const preview = { refusal: "All that was asked for is dimensioned already." } as Preview;
    const [, next] = prompt(board({ tool: { name: "dimension", rooms: [] }, preview }));
    expect(next).toBe("All that was asked for is dimensioned already.");
  });
});

describe("the set-out check", () => {
  const line = (element: string, y: number, step: number) => ({
    element,
    words: `face of ${element}`,
    from: [0, y] as [number, number],
    to: [4000, y] as [number, number],
    step,
  });
  const setOutReport = {
    lines: [line("W1", 0, -1), line("W2", 3000, 1), line("W3", 5000, -2)],
    steps: [
      { words: "the plies of W1", by: "W1", before: -1 },
      { words: "2653", by: "s1", before: 0 },
    ],
    misread: [],
    twice: [],
    unjudged: 0,
  };
  const asking = (x: number, y: number) =>
    board({ tool: { name: "setout", asked: { x, y, reach: 100 } }, setOutReport });

  it("answers for the line nearest to where it was asked", () => {
    expect(lineAsked(asking(1000, 2950))?.element).toBe("W2");
    expect(lineAsked(asking(4090, 5000))?.element).toBe("W3");
    expect(lineAsked(asking(1000, 1500))).toBeNull();
  });

  it("tells the way to a line from the datum on", () => {
    const [datum, found, lost] = setOutReport.lines;
    expect(datum && stepsTo(setOutReport, datum)).toEqual([]);
    expect(found && stepsTo(setOutReport, found).map((s) => s.words)).toEqual(["the plies of W1", "2653"]);
    expect(lost && stepsTo(setOutReport, lost)).toEqual([]);
  });
});
