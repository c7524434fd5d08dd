import type { Catch, Element, ElementOf, Group } from "../src/api/types";
import { Nearby } from "../src/board/catch/near";
import type { BoardState } from "../src/board/state/state";
import { createBoardStore } from "../src/board/state/store";

/** Element ids and points of a small plan: one wall of 100 mm along y = 0 from x = 0 to 5,000, outer face below. */
export const WALL = "w";

const face = (index: number, y: number, words: string): Catch => ({
  words: `W1 ${words}`,
  hold: { type: "onFace", wall: WALL, face: index },
  from: [0, y],
  to: [5000, y],
});

const corner = (x: number, id: string): Catch => ({
  words: "corner of W1",
  hold: { type: "atCorner", corner: id },
  from: [x, 0],
  to: [x, 0],
});

const group: Group = {
  element: WALL,
  layer: "layer-walls",
  items: [
    {
      type: "fill",
      over: false,
      tint: "#ffffff",
      ring: [
        [0, 0],
        [5000, 0],
        [5000, 100],
        [0, 100],
      ],
    },
  ],
  catches: [
    corner(0, "c0"),
    corner(5000, "c1"),
    face(0, 0, "face"),
    face(3, 100, "face"),
    face(-1, 0, "set-out line"),
  ],
  ground: [],
  drawing: null,
};

const elements: Element[] = [
  {
    type: "settings",
    id: "settings",
    name: "Test",
    address: "",
    client: "",
    drawnBy: "",
    units: "METRIC",
    paper: "A2",
    cutHeightMm: 1200,
    region: "UK",
    numbering: "FROM_ZERO",
    letters: { walls: "W", doors: "D", windows: "G" },
    clauses: "THROUGH_SET",
    titleBlock: "title-block-corner",
    ownFields: [],
  },
  {
    type: "drawing",
    id: "d",
    name: "Plan",
    kind: "PLAN",
    sortBy: "",
    order: 0,
    frame: { type: "all" },
    also: [],
    inFront: [],
    leftOut: false,
    subject: { type: "whole" },
    storey: "s",
    lens: "l",
    scale: 50,
  },
  {
    type: "buildUp",
    id: "b",
    name: "Partition",
    mark: "1",
    use: "WALL",
    fire: "",
    sound: "",
    source: "",
    plies: [
      { material: "m", thicknessMm: 12.5, does: "LINING", framing: { type: "solid" } },
      { material: "m", thicknessMm: 75, does: "CARRIES", framing: { type: "solid" } },
      { material: "m", thicknessMm: 12.5, does: "LINING", framing: { type: "solid" } },
    ],
  },
  {
    type: "wall",
    id: WALL,
    storey: "s",
    layer: "layer-walls",
    mark: "W1",
    buildUp: "b",
    setOut: { type: "onFace", face: 0 },
    outside: "RIGHT",
    start: { type: "atCorner", corner: "c0" },
    end: { type: "atCorner", corner: "c1" },
    bulge: 0,
    rise: { foot: { type: "onFloor" }, head: { type: "underStoreyAbove" } },
    state: "NEW",
  },
];

/** A board that shows that plan. */
export function boardStore(change: Partial<BoardState> = {}) {
  const store = createBoardStore("p");
  store.setState({
    elements: new Map(elements.map((e) => [e.id, e])),
    shown: { kind: "drawing", id: "d" },
    groups: new Map([[WALL, group]]),
    nearby: new Nearby([group], 50),
    view: { centre: { x: 0, y: 0 }, zoom: 0.1 },
    ...change,
  });
  return store;
}

export function board(change: Partial<BoardState> = {}): BoardState {
  return boardStore(change).getState();
}

/** The state with a length typed. */
export function typed(mm: number): Partial<BoardState> {
  return { entry: String(mm) };
}

/** The same with two lengths. */
export function typedTwo(mm: number, secondMm: number): Partial<BoardState> {
  return { entry: `${mm} x ${secondMm}` };
}

/** With an angle typed, alone or behind a length. */
export function typedAt(degrees: number, mm?: number): Partial<BoardState> {
  return { entry: `${mm ?? ""} at ${degrees}` };
}

/** A layer that some kinds are drawn on. */
export function layerCalled(id: string, takes: string[] = []): ElementOf<"layer"> {
  const drawn = { type: "byKind" } as const;
  return { type: "layer", id, name: id, group: "", standsFor: "BUILT", drawn, ink: "", locked: false, takes };
}
