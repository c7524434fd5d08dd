import type { Sheet } from "../../api/types";
import { inside } from "../catch/near";
import { outlineOf, quarterTurned } from "../sheets/fitting";
import { sheetsOf } from "../state/drawings";
import { type BoardState, drawingShown } from "../state/state";
import type { ModelPoint } from "../state/view";
import { toolOf } from "../tools";
import { label, OCHRE, type On, OXIDE } from "./overlayLines";

type Point = readonly [number, number];

const WRITTEN: ReadonlySet<string> = new Set(["dimensionString", "dimension", "note", "keyMark", "sign"]);

/** While something is written: how far the sheets that the drawing stands on have room for it. */
export function edges(on: On, state: BoardState): void {
  const drawing = drawingShown(state);
  const tool = toolOf(state.tool);
  if (!drawing || !(tool.writes || (tool.makes && WRITTEN.has(tool.makes)))) return;
  for (const sheet of sheetsOf(state, drawing.id)) {
    edge(on, room(outlineOf(sheet, state), sheet, drawing), sheet.number, state.pointer);
  }
}

/** What there is to draw on of a sheet, as points of the drawing. */
function room(
  outline: readonly Point[],
  sheet: Sheet,
  drawing: { readonly id: string; readonly scale: number },
): readonly Point[] {
  const placed = sheet.drawings.find((p) => p.drawing === drawing.id);
  if (!placed) return [];
  const [ax, ay] = placed.anchor;
  const [px, py] = placed.at;
  return outline.map(([x, y]) => {
    const [right, up] = quarterTurned([x - px, y - py], -placed.quarters);
    return [ax + right * drawing.scale, ay + up * drawing.scale];
  });
}

function edge(on: On, ring: readonly Point[], number: string, pointer: ModelPoint | null): void {
  const [first, ...others] = ring.map(([x, y]) => on.at({ x, y }));
  if (!first) return;
  const off = pointer !== null && !inside(ring, pointer);
  const { context } = on;
  context.save();
  context.strokeStyle = off ? OXIDE : OCHRE;
  context.lineWidth = off ? 2 : 1;
  context.setLineDash([10, 5]);
  context.beginPath();
  context.moveTo(first.x, first.y);
  for (const p of others) context.lineTo(p.x, p.y);
  context.closePath();
  context.stroke();
  context.restore();
  const words = off ? `off sheet ${number}` : `edge of ${number}`;
  const at = off && pointer ? on.at(pointer) : first;
  label(on, words, { x: at.x + 60, y: at.y + (off ? 34 : -12) }, off ? OXIDE : OCHRE, off);
}
