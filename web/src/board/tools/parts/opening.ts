import type { Edit, End, OpeningAim, OpeningKind, OpeningMake } from "../../../api/types";
import { backdropOf } from "../../canvas/backdrop";
import { alongLine, nearerEnd, sideOfPointer, wallUnderPointer } from "../../catch/onWall";
import { evenPanels } from "../../fields/panelCounts";
import { layerOf } from "../../state/layers";
import { type BoardState, elementsOf, measuredLine, measureNow, NEARER, typedMm } from "../../state/state";

const FLAT = { type: "flat" } as const;

/** The opening the pointer means: in the wall under it, set out as chosen. */
export function openingEdit(state: BoardState, what: "door" | "window"): Edit | null {
  const target = wallUnderPointer(state);
  const facts = state.making[what];
  const { makes } = state.making;
  const aim = target ? aimAt(state, target) : null;
  if (!target || !aim || !makes) return null;
  if (what === "window" && state.making.window.form === "CORNER")
    return cornerPair(state, target, makes.window);
  return {
    type: "placeOpening",
    wall: target,
    layer: layerOf(state, "opening"),
    aim,
    widthMm: facts.widthMm,
    heightMm: facts.heightMm,
    sillMm: what === "window" ? state.making.window.sillMm : 0,
    kind: kindOf(state, what, nearerEnd(state, target), target),
    make: makes[what],
  };
}

/** Windows round the corner at the end of a wall that the pointer is nearer to. */
function cornerPair(state: BoardState, wall: string, make: OpeningMake): Edit {
  const { widthMm, otherWidthMm, heightMm, sillMm, lights, setbackMm } = state.making.window;
  return {
    type: "placeCornerPair",
    wall,
    end: nearerEnd(state, wall),
    layer: layerOf(state, "opening"),
    widthMm,
    otherWidthMm,
    heightMm,
    sillMm,
    window: { type: "window", lights, setbackMm, form: FLAT },
    make,
  };
}

/** How the next opening is set out: by the measure typed for, by a rule, or where the pointer is. */
function aimAt(state: BoardState, wall: string): OpeningAim | null {
  const { pointer, making } = state;
  if (!pointer) return null;
  const at: [number, number] = [pointer.x, pointer.y];
  const side = sideOfPointer(state, wall);
  const of = state.faces === "FINISH" ? "FINISH" : "STRUCTURE";
  const mm = typedMm(state);
  if (mm !== undefined && making.setting !== "STAND_OFF")
    return { type: "typed", at, side, of, measure: measureOn(state, wall), mm };
  switch (making.setting) {
    case "POINTER":
      return { type: "pointed", at, side, of };
    case "ROOM":
    case "WALL":
    case "GAP":
      return { type: "centred", at, side, of, in: making.setting };
    case "SPACED":
      return { type: "spaced", at, side, of, count: making.spaced };
    case "STAND_OFF":
      return { type: "standOff", at, side, of, mm: mm ?? making.standOffMm };
    case "IN_LINE": {
      const opening = openingAcross(state, wall);
      return opening ? { type: "inLineWith", opening } : null;
    }
  }
}

/** The measure that typing goes to; that to the nearer neighbour where what is shown stands in another wall. */
function measureOn(state: BoardState, wall: string): number {
  return state.measureAt !== null || state.preview?.settingOut?.wall === wall ? measureNow(state) : NEARER;
}

/** The opening of another wall, or of the backdrop, whose middle lies most nearly square across from the pointer. */
function openingAcross(state: BoardState, wall: string): string | undefined {
  const line = measuredLine(state, wall);
  const { pointer } = state;
  if (!pointer) return undefined;
  const here = alongLine(line, pointer).s;
  const behind = backdropOf(state) ? state.backdrop.groups : undefined;
  let best: string | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const o of elementsOf(state, "opening")) {
    const edges = ((state.groups.get(o.id) ?? behind?.get(o.id))?.catches ?? []).filter(
      (c) => c.hold.type === "atJamb",
    );
    const [one, two] = edges;
    if (o.wall === wall || !one || !two) continue;
    const middle = { x: (one.from[0] + two.to[0]) / 2, y: (one.from[1] + two.to[1]) / 2 };
    const off = Math.abs(alongLine(line, middle).s - here);
    if (off < least) {
      least = off;
      best = o.id;
    }
  }
  return best;
}

/** The kind chosen; it hangs on, slides or folds to the measured side unless turned, and opens to the pointer's. */
function kindOf(state: BoardState, what: "door" | "window", from: End, wall: string): OpeningKind {
  if (what === "window") {
    const { lights, setbackMm, form, bay } = state.making.window;
    const stands = form === "BAY" ? ({ ...bay, type: "bay" } as const) : FLAT;
    return { type: "window", lights, setbackMm, form: stands };
  }
  const { kind, part, panels, lined } = state.making.door;
  const end: End = state.making.flipHinge === (from === "START") ? "END" : "START";
  const side = sideOfPointer(state, wall);
  switch (kind) {
    case "swingDoor":
      return { type: kind, hinge: end, swing: side };
    case "pairDoor":
      return { type: kind, active: end, part, swing: side };
    case "pocketDoor":
      return { type: kind, into: away(end) };
    case "slidingDoor":
      return { type: kind, towards: away(end), face: side };
    case "foldingDoor":
      return { type: kind, against: end, panels, swing: side };
    case "foldingPair":
      return { type: kind, panels: evenPanels(panels), swing: side };
    case "openWay":
      return { type: kind, lined };
    case "liftingDoor":
      return { type: kind };
  }
}

/** A leaf slides to where the wall is longer. */
function away(end: End): End {
  return end === "START" ? "END" : "START";
}

/** What pointing, typing and clicking do for an opening. */
export function settingWords(state: BoardState): string {
  switch (state.making.setting) {
    case "POINTER":
      return "Point at a wall, type the distance or click. C: next distance.";
    case "STAND_OFF":
      return "Point near a corner of a room and click, or type how far off it.";
    case "IN_LINE":
      return "Point at a wall, across from the opening it is to be in line with, and click.";
    default:
      return "Point at a wall and click; what is typed goes by a distance instead.";
  }
}
