import { createStore } from "zustand/vanilla";
import { Nearby } from "./near";
import type { BoardState, Making } from "./state";

const making: Making = {
  wall: {
    buildUp: "build-up-frame-brick",
    setOut: { type: "onFace", face: 0 },
    outside: "LEFT",
    reach: "STRUCTURE",
  },
  piece: {
    kind: "lined",
    material: "material-tile",
    depthMm: 10,
    mass: { type: "solid", material: "material-brick", depthMm: 215 },
    widthMm: 900,
    whole: true,
    lowMm: 0,
    heightMm: 1200,
    toHead: true,
  },
  post: { widthMm: 140, make: { type: "solid", material: "material-softwood", depthMm: 140 } },
  door: { widthMm: 910, heightMm: 2100, kind: "swingDoor" },
  window: { widthMm: 1200, heightMm: 1200, sillMm: 900, lights: 2, setbackMm: 110 },
  flipHinge: false,
  note: "NAME",
};

/** The state of one board; made anew for every project. */
export function createBoardStore(project: string) {
  return createStore<BoardState>(() => ({
    project,
    version: null,
    elements: new Map(),
    revision: -1,
    undo: null,
    redo: null,
    papers: [],
    shown: null,
    groups: new Map(),
    scale: 50,
    nearby: new Nearby([], 50),
    preview: null,
    selection: [],
    view: { centre: { x: 6000, y: 4000 }, zoom: 0.05 },
    earlierViews: [],
    size: { width: 800, height: 600 },
    hairlines: false,
    tool: { name: "select" },
    making,
    pointer: null,
    caughts: [],
    catchChoice: 0,
    entry: "",
    reading: null,
    readingChoice: 0,
    saying: null,
    saving: "saved",
    keysShown: false,
    loaded: false,
    fault: null,
  }));
}

export type BoardStore = ReturnType<typeof createBoardStore>;
