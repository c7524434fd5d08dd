import type { Edit, Pick } from "../../api/types";
import type { Caught } from "../near";
import { type BoardState, planShown, type Tool } from "../state";
import type { ModelPoint } from "../view";
import { freePick, pickFrom } from "./aim";
import { bendEdit } from "./bend";
import { openingEdit } from "./opening";
import { pieceEdit, postEdit } from "./piece";

/** What the active tool would do now: the edit to preview, and to make on the next click or Enter. */
export function editMeant(state: BoardState): Edit | null {
  const { tool } = state;
  switch (tool.name) {
    case "run":
      return runEdit(state, tool);
    case "door":
    case "window":
      return openingEdit(state, tool.name);
    case "bend":
      return bendEdit(state);
    case "piece":
      return pieceEdit(state);
    case "post":
      return postEdit(state);
    case "move":
      return tool.from ? moveEdit(state, tool.from) : null;
    case "string":
      return stringEdit(state, tool.picks);
    case "note":
      return tool.at ? noteEdit(state, tool.at) : null;
    default:
      return null;
  }
}

function runEdit(state: BoardState, tool: Extract<Tool, { name: "run" }>): Edit | null {
  const last = tool.picks[tool.picks.length - 1];
  const next = last ? pickFrom({ x: last.at[0], y: last.at[1] }, state) : undefined;
  if (!next) return null;
  return runThrough(state, [...tool.picks, next], closes(state, tool, next));
}

/** Whether the next point is the run's first one. */
export function closes(
  state: BoardState,
  tool: Extract<Tool, { name: "run" }>,
  next: { at: readonly number[] },
): boolean {
  const first = tool.picks[0];
  if (!first || tool.picks.length < 3) return false;
  const reach = 12 / state.view.zoom;
  return Math.hypot((next.at[0] ?? 0) - first.at[0], (next.at[1] ?? 0) - first.at[1]) <= reach;
}

export function runThrough(state: BoardState, picks: readonly Pick[], close: boolean): Edit | null {
  const storey = planShown(state)?.storey;
  if (!storey || picks.length < 2) return null;
  const { wall } = state.making;
  const kept = close && picks.length > 3 ? picks.slice(0, -1) : picks;
  return { type: "drawWalls", storey, layer: "layer-walls", ...wall, picks: [...kept], close };
}

function moveEdit(state: BoardState, from: ModelPoint): Edit | null {
  const to = pickFrom(from, state);
  if (!to || state.selection.length === 0) return null;
  return { type: "move", elements: [...state.selection], by: [to.at[0] - from.x, to.at[1] - from.y] };
}

function stringEdit(state: BoardState, picks: readonly Caught[]): Edit | null {
  const drawing = planShown(state);
  const first = picks[0];
  if (!drawing || !first || picks.length < 2 || !state.pointer) return null;
  return {
    type: "drawString",
    drawing: drawing.id,
    layer: "layer-dimensions",
    direction: measuredDirection(first, picks, state.pointer),
    at: [state.pointer.x, state.pointer.y],
    holds: picks.map((p) => p.caught.hold),
  };
}

/** Square to the first face picked; from corner to corner, along the axis that the pointer lies off. */
function measuredDirection(first: Caught, picks: readonly Caught[], pointer: ModelPoint): [number, number] {
  const line = picks.find(
    (p) => p.caught.from[0] !== p.caught.to[0] || p.caught.from[1] !== p.caught.to[1],
  )?.caught;
  if (line) {
    const dx = line.to[0] - line.from[0];
    const dy = line.to[1] - line.from[1];
    const length = Math.hypot(dx, dy);
    const across: [number, number] = [dy / length, -dx / length];
    return across[0] < -1e-9 || (Math.abs(across[0]) <= 1e-9 && across[1] < 0)
      ? [-across[0] + 0, -across[1] + 0]
      : [across[0] + 0, across[1] + 0];
  }
  return Math.abs(pointer.y - first.at.y) >= Math.abs(pointer.x - first.at.x) ? [1, 0] : [0, 1];
}

function noteEdit(state: BoardState, at: ModelPoint): Edit | null {
  const drawing = planShown(state);
  if (!drawing || state.entry.trim() === "") return null;
  return {
    type: "placeNote",
    drawing: drawing.id,
    layer: "layer-notes",
    at: [at.x, at.y],
    text: state.entry.replaceAll("\\n", "\n"),
    style: state.making.note,
  };
}

/** The point a click of the run tool would add. */
export function nextPick(state: BoardState) {
  if (state.tool.name !== "run") return undefined;
  const last = state.tool.picks[state.tool.picks.length - 1];
  return last ? pickFrom({ x: last.at[0], y: last.at[1] }, state) : freePick(state);
}
