import type { Pick } from "../../api/types";
import { type Caught, distance } from "../near";
import { type BoardState, caughtNow, typedMm, unitsOf } from "../state";
import type { ModelPoint } from "../view";

const SQUARE_WITHIN = (7 * Math.PI) / 180;
const QUARTER = Math.PI / 2;
/** Pixels between two steps a free pointer is rounded to. */
const STEP_PX = 4;
const STEPS_MM = { METRIC: [1, 5, 10, 50, 100, 500], FEET_INCHES: [3.175, 6.35, 12.7, 25.4, 152.4, 304.8] };
/** Millimetres. A typed point this close to a corner or a face is proposed as joined to it. */
const PROPOSE_MM = 0.5;

/** The point the pointer means, with what it caught there. */
export function freePick(state: BoardState): Pick | undefined {
  const caught = caughtNow(state);
  if (caught) return pickOf(caught);
  if (!state.pointer) return undefined;
  const step = stepOf(state);
  return bare({ x: Math.round(state.pointer.x / step) * step, y: Math.round(state.pointer.y / step) * step });
}

/** The point meant from an earlier one: a direction by the pointer, a distance typed or by the pointer. */
export function pickFrom(from: ModelPoint, state: BoardState): Pick | undefined {
  if (!state.pointer) return undefined;
  const caught = caughtNow(state);
  const typed = typedMm(state);
  const towards = caught && typed === undefined ? caught.at : state.pointer;
  const angle = squared(Math.atan2(towards.y - from.y, towards.x - from.x));
  const direction = { x: Math.cos(angle), y: Math.sin(angle) };
  if (typed !== undefined) return proposed(along(from, direction, typed), state);
  if (caught) return onCaught(from, direction, caught);
  const step = stepOf(state);
  const reach = (state.pointer.x - from.x) * direction.x + (state.pointer.y - from.y) * direction.y;
  return bare(along(from, direction, Math.round(reach / step) * step));
}

/** A corner is taken as it is; on a line, the point straight ahead where there is one. */
function onCaught(from: ModelPoint, direction: ModelPoint, caught: Caught): Pick {
  const { from: a, to: b } = caught.caught;
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const sine = direction.x * dy - direction.y * dx;
  if (Math.abs(sine) < 1e-3 * Math.hypot(dx, dy) || (dx === 0 && dy === 0)) return pickOf(caught);
  const reach = ((a[0] - from.x) * dy - (a[1] - from.y) * dx) / sine;
  const at = along(from, direction, reach);
  return { at: [at.x, at.y], hold: caught.caught.hold };
}

/** What a typed point happens to lie on is joined to it. */
function proposed(at: ModelPoint, state: BoardState): Pick {
  const near = state.nearby.catchesAt(at, PROPOSE_MM)[0];
  return near && near.caught.hold.type !== "atJamb" ? { at: [at.x, at.y], hold: near.caught.hold } : bare(at);
}

export function pickOf(caught: Caught): Pick {
  return { at: [caught.at.x, caught.at.y], hold: caught.caught.hold };
}

export function bare(at: ModelPoint): Pick {
  return { at: [at.x, at.y], hold: { type: "atPoint", at: [at.x, at.y] } };
}

function along(from: ModelPoint, direction: ModelPoint, reach: number): ModelPoint {
  return { x: clean(from.x + direction.x * reach), y: clean(from.y + direction.y * reach) };
}

/** Without the dust of sines and cosines: to a millionth of a millimetre. */
function clean(mm: number): number {
  return Math.round(mm * 1e6) / 1e6;
}

function squared(angle: number): number {
  const nearest = Math.round(angle / QUARTER) * QUARTER;
  return Math.abs(angle - nearest) < SQUARE_WITHIN ? nearest : angle;
}

export function stepOf(state: BoardState): number {
  const steps = STEPS_MM[unitsOf(state)];
  return steps.find((mm) => mm * state.view.zoom >= STEP_PX) ?? steps[steps.length - 1] ?? 1;
}

export function isSamePlace(a: ModelPoint, b: ModelPoint, withinMm: number): boolean {
  return distance(a, b) <= withinMm;
}
