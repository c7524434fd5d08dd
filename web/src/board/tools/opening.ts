import type { Catch, Edit, End, OpeningAim, OpeningKind, OpeningMake, Placing } from "../../api/types";
import { backdropOf } from "../canvas/backdrop";
import { distance, footOn } from "../catch/near";
import { evenPanels } from "../fields/panelCounts";
import {
  type BoardState,
  elementOf,
  elementsOf,
  faceOf,
  measuredLine,
  measureNow,
  NEARER,
  typedMm,
} from "../state/state";
import type { ModelPoint } from "../state/view";

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
    layer: "layer-openings",
    aim,
    widthMm: facts.widthMm,
    heightMm: facts.heightMm,
    sillMm: what === "window" ? state.making.window.sillMm : 0,
    kind: kindOf(state, what, nearerEndOf(state, target), target),
    make: makes[what],
  };
}

/** Windows round the corner at the end of a wall that the pointer is nearer to. */
function cornerPair(state: BoardState, wall: string, make: OpeningMake): Edit {
  const { widthMm, otherWidthMm, heightMm, sillMm, lights, setbackMm, opens } = state.making.window;
  return {
    type: "placeCornerPair",
    wall,
    end: nearerEndOf(state, wall),
    layer: "layer-openings",
    widthMm,
    otherWidthMm,
    heightMm,
    sillMm,
    window: { type: "window", lights, setbackMm, opens, form: FLAT },
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

function nearerEndOf(state: BoardState, wall: string): End {
  const { pointer } = state;
  if (!pointer) return "START";
  const { s, length } = alongLine(measuredLine(state, wall), pointer);
  return s <= length / 2 ? "START" : "END";
}

/** Where in a wall a piece of a width lies: at the pointer, or at the typed distance from the nearer end. */
export function placingAt(state: BoardState, wall: string, widthMm: number): Placing | null {
  const { pointer } = state;
  if (!pointer) return null;
  const { s, length } = alongLine(measuredLine(state, wall), pointer);
  if (length === 0) return null;
  const end = s <= length / 2 ? "START" : "END";
  const byPointer = Math.round((end === "START" ? s : length - s) - widthMm / 2);
  return {
    type: "off",
    stop: { type: "wallsEnd", end, line: "SET_OUT" },
    to: "NEAR",
    distanceMm: typedMm(state) ?? byPointer,
  };
}

/** How far along a line of segments the foot of a point lies, and how long the line is. */
export function alongLine(line: readonly Catch[], point: ModelPoint): { s: number; length: number } {
  let nearest = Number.POSITIVE_INFINITY;
  let s = 0;
  let length = 0;
  for (const { from, to } of line) {
    const foot = footOn(from, to, point);
    const off = distance(foot, point);
    if (off < nearest) {
      nearest = off;
      s = length + Math.hypot(foot.x - from[0], foot.y - from[1]);
    }
    length += Math.hypot(to[0] - from[0], to[1] - from[1]);
  }
  return { s, length };
}

/** The kind chosen; it hangs on, slides or folds to the measured side unless turned, and opens to the pointer's. */
function kindOf(state: BoardState, what: "door" | "window", from: End, wall: string): OpeningKind {
  if (what === "window") {
    const { lights, setbackMm, opens, form, projectionMm, frontPart } = state.making.window;
    const stands = form === "BAY" ? ({ type: "bay", projectionMm, frontPart } as const) : FLAT;
    return { type: "window", lights, setbackMm, opens, form: stands };
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

/** The side of a wall on which the pointer lies. */
export function sideOfPointer(state: BoardState, wall: string): "LEFT" | "RIGHT" {
  const { pointer } = state;
  const outer = faceOf(state, wall, 0);
  const inner = faceOf(state, wall, buildUpOf(state, wall)?.plies.length ?? 0);
  if (!pointer) return "LEFT";
  const at = nearestOf(outer, pointer);
  const one = outer[at];
  const two = inner[Math.min(at, inner.length - 1)];
  if (!one || !two) return "LEFT";
  const x = (one.from[0] + two.from[0]) / 2;
  const y = (one.from[1] + two.from[1]) / 2;
  const turn = (one.to[0] - one.from[0]) * (pointer.y - y) - (one.to[1] - one.from[1]) * (pointer.x - x);
  return turn >= 0 ? "LEFT" : "RIGHT";
}

/** Which of some segments lies nearest to a point. */
function nearestOf(line: readonly Catch[], point: ModelPoint): number {
  const off = line.map(({ from, to }) => distance(footOn(from, to, point), point));
  return off.indexOf(Math.min(...off));
}

function buildUpOf(state: BoardState, wall: string) {
  return elementOf(state, "buildUp", elementOf(state, "wall", wall)?.buildUp);
}

/** @param except a wall that does not count */
export function wallUnderPointer(state: BoardState, except?: string): string | undefined {
  if (!state.pointer) return undefined;
  const reach = 14 / state.view.zoom;
  const isWall = (id: string) => id !== except && state.elements.get(id)?.type === "wall";
  const direct = state.nearby.elementsAt(state.pointer, reach).find(isWall);
  if (direct) return direct;
  const near = state.nearby
    .catchesAt(state.pointer, reach)
    .find((c) => c.caught.hold.type === "onFace" && isWall(c.caught.hold.wall));
  return near?.caught.hold.type === "onFace" ? near.caught.hold.wall : undefined;
}
