import type { ElementOf, Sheet } from "../../api/types";
import { paperOf } from "../state/papers";
import { type BoardState, elementOf } from "../state/state";
import type { Box, ModelPoint } from "../state/view";
import { sizeOfBlock } from "./fitting";

export type TitleBlock = ElementOf<"titleBlock">;
export type BlockPart = TitleBlock["parts"][number];

/** A title block as it lies on a sheet. @param narrower how much narrower than it is laid out; @param lower likewise */
export interface LaidBlock {
  readonly block: TitleBlock;
  readonly box: Box;
  readonly narrower: number;
  readonly lower: number;
}

/** Millimetres of paper: boxes go in steps of it, and edges this near are one. */
const STEP_MM = 0.5;
const NEAR_MM = 1.5;
/** A corner is taken hold of this near. */
const CORNER_MM = 2.5;
const LEAST_MM = 3;

/** The project's title block on the sheet shown; null where none is. */
export function laidBlock(state: BoardState): LaidBlock | null {
  const sheet = elementOf(state, "sheet", state.shown?.id);
  const block = elementOf(state, "titleBlock", elementOf(state, "settings", "settings")?.titleBlock);
  return sheet && block ? laid(sheet, block, state) : null;
}

function laid(sheet: Sheet, block: TitleBlock, state: BoardState): LaidBlock | null {
  const frame = paperOf(state, sheet.paper)?.frame;
  if (!frame) return null;
  const [wide, high] = sizeOfBlock(frame, block);
  const box = { minX: frame.maxX - wide, minY: frame.minY, maxX: frame.maxX, maxY: frame.minY + high };
  return {
    block,
    box,
    narrower: Math.min(1, wide / block.widthMm),
    lower: Math.min(1, high / block.heightMm),
  };
}

/** Where a part lies on the sheet. */
export function boxOfPart({ block, box, narrower, lower }: LaidBlock, part: BlockPart): Box {
  const wide = part.widthMm * narrower;
  const high = part.heightMm * lower;
  const fromRight = part.far && block.place === "FOOT";
  const fromTop = part.far && block.place === "RIGHT_EDGE";
  const minX = fromRight ? box.maxX - part.x * narrower - wide : box.minX + part.x * narrower;
  const minY = fromTop ? box.maxY - part.y * lower - high : box.minY + part.y * lower;
  return { minX, minY, maxX: minX + wide, maxY: minY + high };
}

/** The part as it is laid out so that it lies in a box of the sheet. */
export function partIn({ block, box, narrower, lower }: LaidBlock, part: BlockPart, there: Box): BlockPart {
  const fromRight = part.far && block.place === "FOOT";
  const fromTop = part.far && block.place === "RIGHT_EDGE";
  return {
    ...part,
    x: tidy((fromRight ? box.maxX - there.maxX : there.minX - box.minX) / narrower),
    y: tidy((fromTop ? box.maxY - there.maxY : there.minY - box.minY) / lower),
    widthMm: tidy((there.maxX - there.minX) / narrower),
    heightMm: tidy((there.maxY - there.minY) / lower),
  };
}

function tidy(mm: number): number {
  return Math.max(0, Math.round(mm * 100) / 100);
}

/** The smallest part at a place of the sheet; null for none. */
export function partAt(there: LaidBlock, { x, y }: ModelPoint): number | null {
  let best: number | null = null;
  let least = Infinity;
  there.block.parts.forEach((p, i) => {
    const b = boxOfPart(there, p);
    const size = (b.maxX - b.minX) * (b.maxY - b.minY);
    if (x >= b.minX && x <= b.maxX && y >= b.minY && y <= b.maxY && size < least) [best, least] = [i, size];
  });
  return best;
}

/** The box of a part that is dragged: by a corner, which sizes it, or as a whole; in line with other parts, within the block. */
export function dragged(there: LaidBlock, index: number, from: ModelPoint, to: ModelPoint): Box | null {
  const part = there.block.parts[index];
  if (!part) return null;
  const was = boxOfPart(there, part);
  const left = Math.abs(from.x - was.minX) <= CORNER_MM;
  const right = Math.abs(from.x - was.maxX) <= CORNER_MM;
  const low = Math.abs(from.y - was.minY) <= CORNER_MM;
  const high = Math.abs(from.y - was.maxY) <= CORNER_MM;
  const by = { x: to.x - from.x, y: to.y - from.y };
  const edges = edgesBeside(there, index);
  if ((left || right) && (low || high))
    return {
      minX: left ? Math.min(caught(was.minX + by.x, edges.x), was.maxX - LEAST_MM) : was.minX,
      maxX: left ? was.maxX : Math.max(caught(was.maxX + by.x, edges.x), was.minX + LEAST_MM),
      minY: low ? Math.min(caught(was.minY + by.y, edges.y), was.maxY - LEAST_MM) : was.minY,
      maxY: low ? was.maxY : Math.max(caught(was.maxY + by.y, edges.y), was.minY + LEAST_MM),
    };
  const minX = moved(was.minX, was.maxX, by.x, edges.x, there.box.minX, there.box.maxX);
  const minY = moved(was.minY, was.maxY, by.y, edges.y, there.box.minY, there.box.maxY);
  return { minX, minY, maxX: minX + was.maxX - was.minX, maxY: minY + was.maxY - was.minY };
}

/** Edges that a part comes in line with: those of the block and of its other parts. */
function edgesBeside(
  there: LaidBlock,
  index: number,
): { readonly x: readonly number[]; readonly y: readonly number[] } {
  const boxes = there.block.parts.flatMap((p, i) => (i === index ? [] : [boxOfPart(there, p)]));
  const all = [there.box, ...boxes];
  return { x: all.flatMap((b) => [b.minX, b.maxX]), y: all.flatMap((b) => [b.minY, b.maxY]) };
}

function caught(at: number, edges: readonly number[]): number {
  const low = Math.min(...edges);
  const high = Math.max(...edges);
  const nearest = edges.reduce((best, e) => (Math.abs(e - at) < Math.abs(best - at) ? e : best), Infinity);
  const there = Math.abs(nearest - at) <= NEAR_MM ? nearest : Math.round(at / STEP_MM) * STEP_MM;
  return Math.min(Math.max(there, low), high);
}

/** The low end of a span that is moved: either end comes in line; it stays between a least and a most. */
function moved(
  low: number,
  high: number,
  by: number,
  edges: readonly number[],
  least: number,
  most: number,
): number {
  const ends = edges.flatMap((e) => [e, e - (high - low)]);
  const nearest = ends.reduce(
    (best, e) => (Math.abs(e - low - by) < Math.abs(best - low - by) ? e : best),
    Infinity,
  );
  const there =
    Math.abs(nearest - low - by) <= NEAR_MM ? nearest : Math.round((low + by) / STEP_MM) * STEP_MM;
  return Math.max(least, Math.min(there, most - (high - low)));
}
