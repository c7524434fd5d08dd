import { createStore } from "zustand/vanilla";
import type { Faces } from "../api/types";
import { Nearby } from "./near";
import { type BoardState, type Making, NO_AIM } from "./state";

const making: Making = {
  wall: {
    buildUp: "build-up-frame-brick",
    setOut: { type: "onFace", face: 0 },
    outside: "LEFT",
    reach: "STRUCTURE",
    rise: { footMm: 0, head: { type: "underStoreyAbove" } },
    state: "NEW",
  },
  sizes: "OUTSIDE",
  besideMm: null,
  copies: { count: 1, fit: false },
  leaves: false,
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
  door: { widthMm: 910, heightMm: 2100, kind: "swingDoor", part: 0.5, panels: 4, lined: true },
  window: {
    widthMm: 1200,
    heightMm: 1200,
    sillMm: 900,
    lights: 2,
    setbackMm: 110,
    opens: "FIXED",
    form: "FLAT",
    projectionMm: 600,
    frontPart: 0.6,
    otherWidthMm: 1200,
  },
  flipHinge: false,
  setting: "POINTER",
  standOffMm: 100,
  spaced: 3,
  makes: null,
  room: { name: "", use: "LIVING", floor: "", walls: "", ceiling: "" },
  fitting: { symbol: "symbol-wc", widthMm: 380, depthMm: 680, mirrored: false, angle: 0 },
  note: "NAME",
};

/** What gaps are measured between: one choice, kept per person. */
function facesKept(): Faces {
  const kept = globalThis.localStorage?.getItem("lintel.faces");
  return kept === "STRUCTURE" || kept === "MIDDLE" ? kept : "FINISH";
}

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
    aim: NO_AIM,
    axes: 0,
    gaps: [],
    gapAt: 0,
    otherMoves: false,
    settingOut: null,
    measureAt: null,
    nearerMeasure: 0,
    areas: null,
    clearances: null,
    clearancesShown: false,
    findings: [],
    faces: facesKept(),
    box: null,
    hidden: new Set(),
    locked: new Set(),
    measured: null,
    saying: null,
    saving: "saved",
    keysShown: false,
    loaded: false,
    fault: null,
  }));
}

export type BoardStore = ReturnType<typeof createBoardStore>;
