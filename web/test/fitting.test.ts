import { describe, expect, it } from "vitest";
import type { Element, Footprint } from "../src/api/types";
import { arranged } from "../src/board/sheets/arranging";
import { boxOfPart, dragged, type LaidBlock, partAt, partIn } from "../src/board/sheets/blockParts";
import { inDrawing, rectangleOf, shownAs } from "../src/board/sheets/cropping";
import { type Among, fitted } from "../src/board/sheets/fitting";
import { among as amongOn } from "../src/board/sheets/placing";
import { elevationAt } from "../src/board/things/OpenElevation";
import { crop, cropping } from "../src/board/tools/crop";
import { type Place, place } from "../src/board/tools/place";
import type { Hands } from "../src/board/tools/ToolOf";
import { board } from "./board";

/** 564 by 400 to draw on, with a title block of 180 by 72 at the lower right. */
const outline = [
  [20, 10],
  [404, 10],
  [404, 82],
  [584, 82],
  [584, 410],
  [20, 410],
] as const;
const foot: Footprint = { anchor: [0, 0], box: { minX: -50, minY: -30, maxX: 50, maxY: 30 } };
const other = { name: "Section A", box: { minX: 100, minY: 200, maxX: 200, maxY: 300 } };
const among = (part: Partial<Among> = {}): Among => ({ outline, others: [other], same: [], ...part });

describe("a drawing placed on a sheet", () => {
  it("lies where it is put, away from everything", () => {
    const there = fitted({ x: 400, y: 150 }, foot, among(), 3);
    expect(there.at).toEqual([400, 150]);
    expect(there.fault).toBe("");
    expect(there.lines).toEqual([]);
  });

  it("comes in line with edges and keeps the usual gap", () => {
    const there = fitted({ x: 259, y: 271 }, foot, among(), 3);
    expect(there.at).toEqual([258, 270]);
    expect(there.box).toMatchObject({ minX: 208, maxY: 300 });
    expect(there.lines).toEqual([{ x: 208 }, { y: 300 }]);
  });

  it("takes the place a plan has on another sheet before all lines", () => {
    const there = fitted({ x: 302, y: 348 }, foot, among({ same: [[300, 350]] }), 3);
    expect(there.at).toEqual([300, 350]);
  });

  it("never lies on another, on the title block or off the sheet", () => {
    expect(fitted({ x: 190, y: 250 }, foot, among(), 0).fault).toBe("There it lies on Section A.");
    expect(fitted({ x: 450, y: 60 }, foot, among(), 0).fault).toBe("There it stands off the drawing area.");
    expect(fitted({ x: 40, y: 100 }, foot, among(), 0).fault).toBe("There it stands off the drawing area.");
    expect(fitted({ x: 300, y: 60 }, foot, among(), 0).fault).toBe("");
  });
});

/** The plan of the house at 1:50 on one sheet, turned by a quarter; another sheet is shown. */
describe("the place a plan has on another sheet", () => {
  const paper = { size: "A2", upright: false, ownLongMm: 0, ownShortMm: 0 };
  const plan = (id: string) => ({ type: "drawing", id, kind: "PLAN", name: id, scale: 50 });
  const drawings = [{ drawing: "ground", anchor: [1000, 500], at: [200, 150], quarters: 1 }];
  const things = [
    plan("ground"),
    plan("first"),
    { type: "sheet", id: "other", number: "A-101", title: "Ground", paper, drawings },
    { type: "sheet", id: "this", number: "A-102", title: "First", paper, drawings: [] },
  ] as unknown as Element[];
  const state = {
    ...board(),
    elements: new Map([...board().elements, ...things.map((e) => [e.id, e] as const)]),
    shown: { kind: "sheet" as const, id: "this" },
  };

  it("is where it lies turned alike, and no place for a plan that is not turned", () => {
    expect(amongOn(state, "first", [2000, 500], 1).same).toEqual([[200, 170]]);
    expect(amongOn(state, "first", [2000, 500], 0).same).toEqual([]);
  });
});

/** An empty A2 sheet is shown, and a plan is in hand whose size has not come yet. */
describe("a drawing in hand", () => {
  const paper = { size: "A2", upright: false, ownLongMm: 0, ownShortMm: 0 };
  const sheet = { type: "sheet", id: "this", number: "A-102", title: "First", paper, drawings: [] };
  const frame = { minX: 20, minY: 10, maxX: 584, maxY: 410 };
  const inHand = () => {
    let come: (foot: Footprint) => void = () => {};
    const coming = new Promise<Footprint | null>((resolve) => {
      come = resolve;
    });
    const tool: Place = {
      name: "place",
      drawing: "plan",
      quarters: 0,
      crop: { type: "all" },
      foot: null,
      coming,
      held: { x: 0, y: 0 },
    };
    const state = board({
      elements: new Map([...board().elements, [sheet.id, sheet as unknown as Element]]),
      shown: { kind: "sheet", id: "this" },
      papers: [{ id: "A2", label: "A2", longMm: 594, shortMm: 420, across: frame, upright: frame }],
      groups: new Map(),
      tool,
    });
    const revised: Element[] = [];
    const hands = {
      state,
      say: () => {},
      choose: () => {},
      revise: async (e: Element) => revised.push(e) > 0,
    };
    return { tool, hands, revised, come };
  };

  it("goes where it was clicked, however late its size comes", async () => {
    const { tool, hands, revised, come } = inHand();
    const taken = place.take(hands as unknown as Hands, tool, { x: 300, y: 200 }, false);
    expect(revised).toEqual([]);
    come(foot);
    await taken;
    expect(revised).toMatchObject([{ drawings: [{ drawing: "plan", at: [300, 200] }] }]);
  });

  it("goes nowhere where it was laid down before that", async () => {
    const { tool, hands, revised, come } = inHand();
    const taken = place.take(hands as unknown as Hands, tool, { x: 300, y: 200 }, false);
    hands.state = { ...hands.state, tool: { name: "select" } };
    come(foot);
    await taken;
    expect(revised).toEqual([]);
  });
});

describe("a drawing cropped on a sheet", () => {
  const placed = {
    drawing: "d",
    anchor: [3000, 2000] as [number, number],
    at: [200, 150] as [number, number],
    quarters: 0,
    crop: { type: "all" as const },
  };

  it("shows what lies between two points of the sheet, at the drawing's scale", () => {
    const ring = rectangleOf(
      [
        { x: 220, y: 190 },
        { x: 140, y: 150 },
      ],
      placed,
      50,
    );
    expect(ring?.[0]).toEqual([0, 2000]);
    expect(ring?.[2]).toEqual([4000, 4000]);
  });

  it("knows that it is turned there: what is over it on the sheet is right of it in the drawing", () => {
    const [x, y] = inDrawing({ x: 200, y: 170 }, { ...placed, quarters: 1 }, 50);
    expect([x, y]).toEqual([4000, 2000]);
  });

  it("is no part where the points are nearly one, and leaves its neighbours as they are", () => {
    expect(
      rectangleOf(
        [
          { x: 200, y: 150 },
          { x: 201, y: 200 },
        ],
        placed,
        50,
      ),
    ).toBeNull();
    const sheet = { drawings: [placed, { ...placed, drawing: "e" }] } as unknown as Parameters<
      typeof shownAs
    >[0];
    const crop = { type: "part" as const, ring: [], broken: false };
    expect(shownAs(sheet, "d", crop).drawings.map((p) => p.crop.type)).toEqual(["part", "all"]);
  });
});

describe("a crop along an outline", () => {
  const sheet = {
    type: "sheet",
    id: "this",
    number: "A-101",
    drawings: [{ drawing: "d", anchor: [0, 0], at: [140, 150], quarters: 0, crop: { type: "all" } }],
  };
  const corners = [
    { x: 140, y: 150 },
    { x: 240, y: 150 },
    { x: 240, y: 180 },
    { x: 180, y: 230 },
  ];

  /** Clicks one after another. @returns what is stored, and what the tool is then */
  const clicked = async (outlined: boolean, clicks: readonly { x: number; y: number }[], enter: boolean) => {
    const state = board({
      elements: new Map([...board().elements, [sheet.id, sheet as unknown as Element]]),
      shown: { kind: "sheet", id: "this" },
      view: { ...board().view, zoom: 2 },
    });
    const revised: Element[] = [];
    let tool = cropping("d", outlined);
    const hands = {
      state,
      say: () => {},
      set: () => {},
      choose: () => {},
      go: (next: typeof tool) => {
        tool = next;
      },
      revise: async (e: Element) => revised.push(e) > 0,
    } as unknown as Hands;
    for (const c of clicks) await crop.take(hands, tool, c, false);
    if (enter) await crop.end?.(hands, tool);
    return { revised, tool };
  };

  it("is closed at its first corner, or by Enter", async () => {
    const ring = corners.map(({ x, y }) => [(x - 140) * 50, (y - 150) * 50]);
    for (const enter of [false, true]) {
      const { revised } = await clicked(true, enter ? corners : [...corners, { x: 140, y: 150 }], enter);
      expect(revised).toMatchObject([{ drawings: [{ crop: { type: "part", ring, broken: false } }] }]);
    }
  });

  it("goes on while it is no outline, and steps back a corner at a time", async () => {
    const { revised, tool } = await clicked(true, corners.slice(0, 2), true);
    expect(revised).toEqual([]);
    expect(tool.picks).toHaveLength(2);
    expect(crop.back?.(tool)?.picks).toEqual(corners.slice(0, 1));
  });

  it("by two corners is the rectangle between them", async () => {
    const { revised } = await clicked(
      false,
      [corners[2] ?? { x: 0, y: 0 }, corners[0] ?? { x: 0, y: 0 }],
      false,
    );
    const ring = [
      [0, 0],
      [5000, 0],
      [5000, 1500],
      [0, 1500],
    ];
    expect(revised).toMatchObject([{ drawings: [{ crop: { type: "part", ring } }] }]);
  });
});

describe("several drawings of a sheet", () => {
  const box = (minX: number, minY: number, maxX: number, maxY: number) => ({ minX, minY, maxX, maxY });
  const boxes = [box(0, 50, 100, 150), box(130, 40, 180, 120), box(300, 0, 400, 160)];

  it("come in line with the outermost, or about the middle of all", () => {
    expect(arranged(boxes, "TOP").map(([, y]) => y)).toEqual([10, 40, 0]);
    expect(arranged(boxes, "BOTTOM").map(([, y]) => y)).toEqual([-50, -40, 0]);
    expect(arranged(boxes, "LEFT").map(([x]) => x)).toEqual([0, -130, -300]);
    expect(arranged(boxes, "CENTRE").map(([, y]) => y)).toEqual([-20, 0, 0]);
  });

  it("are spaced alike between the first and the last, in the order they stand in", () => {
    expect(arranged(boxes, "ACROSS").map(([x]) => x)).toEqual([0, 45, 0]);
    const back = [boxes[2], boxes[0], boxes[1]].flatMap((b) => b ?? []);
    expect(arranged(back, "ACROSS").map(([x]) => x)).toEqual([0, 0, 45]);
  });
});

describe("the mark of an elevation", () => {
  it("leads to the elevation of the side it stands on, and nowhere where none is drawn", () => {
    const facing = (id: string, angle: number) =>
      ({
        type: "drawing",
        id,
        name: id,
        order: 1,
        subject: { type: "facing", angle },
        frame: { type: "all" },
      }) as unknown as Element;
    const state = board({
      elements: new Map([
        ...board().elements,
        ["south", facing("south", -Math.PI / 2)],
        ["east", facing("east", 0)],
        ["c0", { type: "corner", id: "c0", at: [0, 0] } as unknown as Element],
        ["c1", { type: "corner", id: "c1", at: [4000, 3000] } as unknown as Element],
      ]),
    });
    const at = (x: number, y: number) =>
      elevationAt(state, { drawing: "d", at: [x, y] } as unknown as Parameters<typeof elevationAt>[1])?.id;
    expect(at(2000, -2500)).toBe("south");
    expect(at(9000, 1400)).toBe("east");
    expect(at(1900, 9000)).toBeUndefined();
  });
});

describe("a title block laid out on the sheet", () => {
  const part = (x: number, y: number, widthMm: number, heightMm: number, far = false) => ({
    x,
    y,
    widthMm,
    heightMm,
    far,
    framed: true,
    content: { type: "words" as const, label: "", text: "", letterMm: 3.5, strong: false },
  });
  const there: LaidBlock = {
    block: {
      id: "b",
      name: "B",
      place: "CORNER",
      widthMm: 180,
      heightMm: 72,
      parts: [part(0, 0, 180, 20), part(0, 20, 60, 30), part(60, 20, 40, 30)],
      margin: { zones: false, folds: false },
    } as unknown as LaidBlock["block"],
    box: { minX: 400, minY: 10, maxX: 580, maxY: 82 },
    narrower: 1,
    lower: 1,
  };

  it("knows the smallest part that is clicked, and none outside", () => {
    expect(partAt(there, { x: 430, y: 40 })).toBe(1);
    expect(partAt(there, { x: 430, y: 15 })).toBe(0);
    expect(partAt(there, { x: 430, y: 75 })).toBeNull();
  });

  it("moves a part in line with its neighbour, and not off the block", () => {
    const box = dragged(there, 2, { x: 480, y: 45 }, { x: 521, y: 45.2 });
    expect(box).toEqual({ minX: 501, minY: 30, maxX: 541, maxY: 60 });
    expect(dragged(there, 2, { x: 480, y: 45 }, { x: 900, y: 45 })?.maxX).toBe(580);
    expect(dragged(there, 2, { x: 480, y: 45 }, { x: 481.2, y: 45 })?.minX).toBe(460);
  });

  it("sizes a part by its corner, and stores what is shown", () => {
    const box = dragged(there, 1, { x: 460, y: 60 }, { x: 470.2, y: 71.4 });
    expect(box).toEqual({ minX: 400, minY: 30, maxX: 470, maxY: 71.5 });
    const [, was] = there.block.parts;
    const now = was && box ? partIn(there, was, box) : undefined;
    expect(now).toMatchObject({ x: 0, y: 20, widthMm: 70, heightMm: 41.5 });
    expect(now && boxOfPart(there, now)).toEqual(box);
  });

  it("measures from the far end what is held to it", () => {
    const foot: LaidBlock = { ...there, block: { ...there.block, place: "FOOT" } };
    const held = part(10, 0, 40, 20, true);
    expect(boxOfPart(foot, held)).toMatchObject({ minX: 530, maxX: 570 });
    expect(partIn(foot, held, { minX: 500, minY: 10, maxX: 540, maxY: 30 })).toMatchObject({
      x: 40,
      widthMm: 40,
    });
  });
});
