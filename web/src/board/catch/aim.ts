import type { Pick } from "../../api/types";
import { type BoardState, caughtNow, typedAngle, typedMm, unitsOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import { fromMeasures, fromParts } from "./aiming";
import { type Caught, distance } from "./near";
import { ahead, bare, pickOf } from "./points";

const SQUARE_WITHIN = (7 * Math.PI) / 180;
const QUARTER = Math.PI / 2;
/** Pixels between two steps a free pointer is rounded to. */
const STEP_PX = 4;
const STEPS_MM = { METRIC: [1, 5, 10, 50, 100, 500], FEET_INCHES: [3.175, 6.35, 12.7, 25.4, 152.4, 304.8] };
/** Millimetres. A typed point this close to a corner or a face is proposed as joined to it. */
const PROPOSE_MM = 0.5;

/** The next point: as the drafter is finding it, from an earlier one where there is one. */
export function aimed(state: BoardState, from?: ModelPoint): Pick | undefined {
  const { aim } = state;
  if (aim.base) return pickFrom(aim.base.at, state, lineAngle(aim.base));
  if (aim.across !== null || aim.up !== null) return fromParts(state);
  if (aim.measured.length > 0) return fromMeasures(state);
  return from ? pickFrom(from, state) : freePick(state);
}

/** The point the pointer means, with what it caught there. */
export function freePick(state: BoardState): Pick | undefined {
  const caught = caughtNow(state);
  if (caught) return pickOf(caught);
  if (!state.pointer) return undefined;
  const step = stepOf(state);
  return bare({ x: Math.round(state.pointer.x / step) * step, y: Math.round(state.pointer.y / step) * step });
}

/**
 * The point meant from an earlier one: a direction held, typed or by the pointer, a distance typed or by the pointer.
 * @param along an angle the direction is drawn to besides the axes
 */
export function pickFrom(from: ModelPoint, state: BoardState, along?: number): Pick | undefined {
  const fixed = fixedDirection(state);
  const caught = caughtNow(state);
  const typed = typedMm(state);
  const towards = caught && typed === undefined ? caught.at : state.pointer;
  if (!towards && (fixed === undefined || typed === undefined)) return undefined;
  const angle = fixed ?? squared(angleOf(from, towards ?? from), state.axes, along);
  const direction = { x: Math.cos(angle), y: Math.sin(angle) };
  if (typed !== undefined) return proposed(ahead(from, direction, typed), state);
  if (caught) return onCaught(from, direction, caught, fixed !== undefined);
  if (!state.pointer) return undefined;
  const step = stepOf(state);
  const reach = (state.pointer.x - from.x) * direction.x + (state.pointer.y - from.y) * direction.y;
  return bare(ahead(from, direction, Math.round(reach / step) * step));
}

/** The direction typed or held, in radians. */
function fixedDirection(state: BoardState): number | undefined {
  const typed = typedAngle(state);
  return typed !== undefined ? state.axes + typed : (state.aim.held ?? undefined);
}

/**
 * A corner is taken as it is; on a line, the point straight ahead where there is one. Where the direction is held, the
 * point straight ahead that is level with what was caught.
 */
function onCaught(from: ModelPoint, direction: ModelPoint, caught: Caught, held: boolean): Pick {
  const { from: a, to: b } = caught.caught;
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const sine = direction.x * dy - direction.y * dx;
  const crosses = Math.abs(sine) >= 1e-3 * Math.hypot(dx, dy) && (dx !== 0 || dy !== 0);
  if (crosses) {
    const reach = ((a[0] - from.x) * dy - (a[1] - from.y) * dx) / sine;
    const at = ahead(from, direction, reach);
    return pickOf({ ...caught, at });
  }
  if (!held) return pickOf(caught);
  const reach = (caught.at.x - from.x) * direction.x + (caught.at.y - from.y) * direction.y;
  const at = ahead(from, direction, reach);
  return isSamePlace(at, caught.at, PROPOSE_MM) ? pickOf(caught) : bare(at);
}

/** What a typed point happens to lie on is joined to it. */
function proposed(at: ModelPoint, state: BoardState): Pick {
  const near = state.nearby.catchesAt(at, PROPOSE_MM)[0];
  return near && near.caught.hold.type !== "atJamb" ? pickOf({ ...near, at }) : bare(at);
}

export function angleOf(from: ModelPoint, to: ModelPoint): number {
  return Math.atan2(to.y - from.y, to.x - from.x);
}

/** The way a caught face runs, or the wall behind a caught point of it. */
function lineAngle({ caught }: Caught): number | undefined {
  const [a, b] = caught.along ?? [caught.from, caught.to];
  return a[0] === b[0] && a[1] === b[1] ? undefined : Math.atan2(b[1] - a[1], b[0] - a[0]);
}

function squared(angle: number, axes: number, along?: number): number {
  for (const origin of along === undefined ? [axes] : [along, axes]) {
    const nearest = Math.round((angle - origin) / QUARTER) * QUARTER + origin;
    if (Math.abs(angle - nearest) < SQUARE_WITHIN) return nearest;
  }
  return angle;
}

export function stepOf(state: BoardState): number {
  const steps = STEPS_MM[unitsOf(state)];
  return steps.find((mm) => mm * state.view.zoom >= STEP_PX) ?? steps[steps.length - 1] ?? 1;
}

export function isSamePlace(a: ModelPoint, b: ModelPoint, withinMm: number): boolean {
  return distance(a, b) <= withinMm;
}
