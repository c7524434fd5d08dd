import type { Edit } from "../../api/types";
import { aimed, angleOf } from "../catch/aim";
import { pointOf } from "../catch/points";
import { copied } from "../link/clipboard";
import { type BoardState, planShown, type Tool, typedAngle, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";

const BARE_DEGREES = /^[-\u2212]?\d+([.,]\d+)?\s*\u00B0?$/;

function shiftFrom(state: BoardState, from: ModelPoint): [number, number] | null {
  const to = aimed(state, from);
  return to && state.selection.length > 0 ? [to.at[0] - from.x, to.at[1] - from.y] : null;
}

export function moveEdit(state: BoardState, from: ModelPoint): Edit | null {
  const by = shiftFrom(state, from);
  return by && { type: "move", elements: [...state.selection], by };
}

export function copyEdit(state: BoardState, from: ModelPoint): Edit | null {
  const by = shiftFrom(state, from);
  return by && { type: "copies", elements: [...state.selection], by, ...state.making.copies };
}

/** By a typed angle, or from one direction picked to another. */
export function turnEdit(state: BoardState, tool: Extract<Tool, { name: "turn" }>): Edit | null {
  const { centre } = tool;
  const radians = centre ? turnAngle(state, centre, tool.from) : undefined;
  if (!centre || radians === undefined || state.selection.length === 0) return null;
  return {
    type: "turn",
    elements: [...state.selection],
    centre: [centre.x, centre.y],
    radians,
    copy: state.making.leaves,
  };
}

function turnAngle(state: BoardState, centre: ModelPoint, from: ModelPoint | null): number | undefined {
  const typed = typedAngle(state) ?? bareAngle(state.entry);
  if (typed !== undefined) return typed;
  const to = from && state.entry.trim() === "" ? aimed(state, centre) : undefined;
  return from && to ? angleOf(centre, pointOf(to)) - angleOf(centre, from) : undefined;
}

/** While turning, a plain number is an angle in degrees; in radians. */
export function bareAngle(entry: string): number | undefined {
  const text = entry.trim();
  if (!BARE_DEGREES.test(text)) return undefined;
  const degrees = Number(text.replace("\u2212", "-").replace(",", ".").replace("\u00B0", ""));
  return Math.abs(degrees) <= 360 ? (degrees * Math.PI) / 180 : undefined;
}

export function mirrorEdit(state: BoardState, from: ModelPoint): Edit | null {
  const to = aimed(state, from);
  if (!to || state.selection.length === 0 || angleFree(from, pointOf(to))) return null;
  return {
    type: "mirror",
    elements: [...state.selection],
    from: [from.x, from.y],
    to: to.at,
    copy: state.making.leaves,
  };
}

function angleFree(a: ModelPoint, b: ModelPoint): boolean {
  return Math.hypot(a.x - b.x, a.y - b.y) < 1;
}

/** What was copied, held at its point by the pointer; where it was copied without one, by the middle of the plan. */
export function pasteEdit(state: BoardState): Edit | null {
  const kept = copied();
  const drawing = planShown(state);
  const to = aimed(state);
  if (!kept || !drawing || !to) return null;
  const by: [number, number] = [to.at[0] - kept.base.x, to.at[1] - kept.base.y];
  return { type: "paste", elements: kept.elements, things: kept.things, drawing: drawing.id, by };
}

/** The same where it was. */
export function pasteInPlace(state: BoardState): Edit | null {
  const kept = copied();
  const drawing = planShown(state);
  if (!kept || !drawing) return null;
  return { type: "paste", elements: kept.elements, things: kept.things, drawing: drawing.id, by: [0, 0] };
}

/** A picture to trace from, scaled so that two points of it lie a typed distance apart. */
export function scaleEdit(state: BoardState, tool: Extract<Tool, { name: "scale" }>): Edit | null {
  const [from, to] = tool.points;
  const distanceMm = typedMm(state);
  if (!from || !to || distanceMm === undefined) return null;
  return {
    type: "scaleTracing",
    tracing: tool.tracing,
    from: [from.x, from.y],
    to: [to.x, to.y],
    distanceMm,
  };
}
