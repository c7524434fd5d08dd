import { answerOf, api, sentenceOf } from "../../api/client";
import type { Drawing, Footprint, Sheet } from "../../api/types";
import { boxOf } from "../canvas/boxes";
import type { Sync } from "../link/sync";
import { type BoardState, elementOf, elementsOf } from "../state/state";
import type { BoardStore } from "../state/store";
import type { Box, ModelPoint } from "../state/view";
import { type Among, faultAt, outlineOf, quarterTurned } from "./fitting";

type Placed = Sheet["drawings"][number];

/** As much as there is. */
export const WHOLE = { type: "all" } as const;

/** How much wider than they are words may be taken for here. */
const SLACK_MM = 3;

/** Takes a drawing in hand, to be placed on the sheet shown. @param by the point it is held by, where not by its middle */
export async function takeInHand(store: BoardStore, drawing: string, by?: ModelPoint): Promise<void> {
  const group = by && store.getState().groups.get(drawing);
  const box = group && boxOf([group], 1);
  const held = by && box ? [by.x - (box.minX + box.maxX) / 2, by.y - (box.minY + box.maxY) / 2] : [0, 0];
  const stood = elementOf(store.getState(), "sheet", store.getState().shown?.id)?.drawings.find(
    (p) => p.drawing === drawing,
  );
  const quarters = stood?.quarters ?? 0;
  const crop = stood?.crop ?? WHOLE;
  const sheet = stood ? store.getState().shown?.id : undefined;
  const asked = footprint(store.getState().project, drawing, quarters, sheet);
  store.setState({
    tool: {
      name: "place",
      drawing,
      quarters,
      crop,
      foot: null,
      coming: asked.catch(() => null),
      held: { x: held[0] ?? 0, y: held[1] ?? 0 },
    },
  });
  const inHand = () => {
    const { tool } = store.getState();
    return tool.name === "place" && tool.drawing === drawing ? tool : null;
  };
  try {
    const foot = await asked;
    const tool = inHand();
    if (tool) store.setState({ tool: { ...tool, foot } });
  } catch (error) {
    if (inHand()) store.setState({ tool: { name: "select" }, saying: sentenceOf(error) });
  }
}

/** Brings a drawing from a list over the board. */
export function bring(store: BoardStore, drawing: Drawing, drag: DataTransfer): void {
  drag.setData("text/plain", drawing.name);
  void takeInHand(store, drawing.id);
}

/** @param sheet that it stands on, cropped as it is there */
function footprint(project: string, drawing: string, quarters: number, sheet = ""): Promise<Footprint> {
  const params = { path: { project, drawing }, query: { quarters, sheet } };
  return answerOf(api.GET("/api/v1/projects/{project}/drawings/{drawing}/footprint", { params }));
}

/** Turns a drawing on the sheet shown by a quarter, to the left, about its middle. */
export async function turnPlaced(store: BoardStore, sync: Sync, drawing: string): Promise<void> {
  const { state } = sync;
  const sheet = elementOf(state, "sheet", state.shown?.id);
  const placed = sheet?.drawings.find((p) => p.drawing === drawing);
  const group = state.groups.get(drawing);
  const there = group && boxOf([group], 1);
  if (!sheet || !placed || !there) return;
  try {
    const lies = await about(state.project, drawing, (placed.quarters + 1) % 4, there, sheet.id);
    const turned = { ...lies, crop: placed.crop };
    const drawings = sheet.drawings.map((p) => (p === placed ? turned : p));
    await sync.revise({ ...sheet, drawings, type: "sheet" });
  } catch (error) {
    store.setState({ saying: sentenceOf(error) });
  }
}

/**
 * Puts another drawing in the place of one on the sheet shown: a plan at the same scale where the first lies under it, anything else
 * about the same middle.
 */
export async function swap(sync: Sync, sheet: Sheet, drawing: string, other: string): Promise<void> {
  const { state } = sync;
  const placed = sheet.drawings.find((p) => p.drawing === drawing);
  const group = state.groups.get(drawing);
  const there = group && boxOf([group], 1);
  const one = elementOf(state, "drawing", drawing);
  const next = elementOf(state, "drawing", other);
  if (!placed || !one || !next) return;
  const alike = one.kind === "PLAN" && next.kind === "PLAN" && one.scale === next.scale;
  const put = alike || !there ? { ...placed, drawing: other } : await about(state.project, other, 0, there);
  const drawings = sheet.drawings.map((p) => (p === placed ? put : p));
  await sync.revise({ ...sheet, drawings, type: "sheet" });
}

/** A drawing placed about the middle of a box. */
async function about(
  project: string,
  drawing: string,
  quarters: number,
  there: Box,
  sheet = "",
): Promise<Placed> {
  const { anchor, box } = await footprint(project, drawing, quarters, sheet);
  const across = (there.minX + there.maxX - box.minX - box.maxX) / 2;
  const up = (there.minY + there.maxY - box.minY - box.maxY) / 2;
  return { drawing, anchor, at: [across, up], quarters, crop: WHOLE };
}

/**
 * What a drawing is placed among on the sheet shown. @param anchor the point of it that is in its middle;
 * @param quarters that it is turned by
 */
export function among(
  state: BoardState,
  drawing: string,
  anchor: readonly [number, number],
  quarters: number,
): Among {
  const sheet = elementOf(state, "sheet", state.shown?.id);
  if (!sheet) return { outline: [], others: [], same: [] };
  const others = sheet.drawings.flatMap((p) => {
    const group = p.drawing === drawing ? undefined : state.groups.get(p.drawing);
    const box = group && boxOf([group], 1);
    const name = elementOf(state, "drawing", p.drawing)?.name ?? "another drawing";
    return box ? [{ name, box }] : [];
  });
  return {
    outline: outlineOf(sheet, state),
    others,
    same: samePlaces(state, sheet.id, drawing, anchor, quarters),
  };
}

/** Why a drawing cannot stay where it stands on the sheet shown; empty where it can. */
export function faultOf(state: BoardState, drawing: string): string {
  const group = state.groups.get(drawing);
  const box = group && boxOf([group], 1);
  if (!box) return "";
  const within = {
    minX: box.minX + SLACK_MM,
    minY: box.minY + SLACK_MM,
    maxX: box.maxX - SLACK_MM,
    maxY: box.maxY - SLACK_MM,
  };
  return faultAt(within, among(state, drawing, [0, 0], 0));
}

/** Where a plan lies over another of the same scale, turned alike, when the sheets are laid on each other. */
function samePlaces(
  state: BoardState,
  sheet: string,
  drawing: string,
  anchor: readonly [number, number],
  quarters: number,
): (readonly [number, number])[] {
  const placed = elementOf(state, "drawing", drawing);
  if (placed?.kind !== "PLAN") return [];
  return elementsOf(state, "sheet")
    .filter((s) => s.id !== sheet)
    .flatMap((s) => s.drawings)
    .flatMap((p) => {
      const other = elementOf(state, "drawing", p.drawing);
      if (other?.kind !== "PLAN" || other.scale !== placed.scale || p.quarters !== quarters) return [];
      const from = [
        (anchor[0] - p.anchor[0]) / placed.scale,
        (anchor[1] - p.anchor[1]) / placed.scale,
      ] as const;
      const [x, y] = quarterTurned(from, quarters);
      return [[p.at[0] + x, p.at[1] + y] as const];
    });
}
