import { answerOf, api, sentenceOf } from "../../api/client";
import type { Sheet } from "../../api/types";
import { boxOf } from "../canvas/boxes";
import type { Sync } from "../link/sync";
import { type BoardState, elementOf, elementsOf } from "../state/state";
import type { BoardStore } from "../state/store";
import type { Box, ModelPoint } from "../state/view";
import { type Among, faultAt, outlineOf } from "./fitting";

type Placed = Sheet["drawings"][number];

/** How much wider than they are words may be taken for here. */
const SLACK_MM = 3;

/** Takes a drawing in hand, to be placed on the sheet shown. @param by the point it is held by, where not by its middle */
export async function takeInHand(store: BoardStore, drawing: string, by?: ModelPoint): Promise<void> {
  const group = by && store.getState().groups.get(drawing);
  const box = group && boxOf([group], 1);
  const held = by && box ? [by.x - (box.minX + box.maxX) / 2, by.y - (box.minY + box.maxY) / 2] : [0, 0];
  store.setState({
    tool: { name: "place", drawing, foot: null, held: { x: held[0] ?? 0, y: held[1] ?? 0 } },
  });
  const path = { project: store.getState().project, drawing };
  const inHand = () => {
    const { tool } = store.getState();
    return tool.name === "place" && tool.drawing === drawing ? tool : null;
  };
  try {
    const foot = await answerOf(
      api.GET("/api/v1/projects/{project}/drawings/{drawing}/footprint", { params: { path } }),
    );
    const tool = inHand();
    if (tool) store.setState({ tool: { ...tool, foot } });
  } catch (error) {
    if (inHand()) store.setState({ tool: { name: "select" }, saying: sentenceOf(error) });
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
  const { anchor, at } = alike || !there ? placed : await about(state.project, other, there);
  const drawings = sheet.drawings.map((p) => (p === placed ? { drawing: other, anchor, at } : p));
  await sync.revise({ ...sheet, drawings, type: "sheet" });
}

async function about(project: string, drawing: string, there: Box): Promise<Pick<Placed, "anchor" | "at">> {
  const path = { project, drawing };
  const { anchor, box } = await answerOf(
    api.GET("/api/v1/projects/{project}/drawings/{drawing}/footprint", { params: { path } }),
  );
  const across = (there.minX + there.maxX - box.minX - box.maxX) / 2;
  const up = (there.minY + there.maxY - box.minY - box.maxY) / 2;
  return { anchor, at: [across, up] };
}

/** What a drawing is placed among on the sheet shown. @param anchor the point of it that is in its middle */
export function among(state: BoardState, drawing: string, anchor: readonly [number, number]): Among {
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
    same: samePlaces(state, sheet.id, drawing, anchor),
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
  return faultAt(within, among(state, drawing, [0, 0]));
}

/** Where a plan lies over another of the same scale, when the sheets are laid on each other. */
function samePlaces(
  state: BoardState,
  sheet: string,
  drawing: string,
  anchor: readonly [number, number],
): (readonly [number, number])[] {
  const placed = elementOf(state, "drawing", drawing);
  if (placed?.kind !== "PLAN") return [];
  return elementsOf(state, "sheet")
    .filter((s) => s.id !== sheet)
    .flatMap((s) => s.drawings)
    .flatMap((p) => {
      const other = elementOf(state, "drawing", p.drawing);
      if (other?.kind !== "PLAN" || other.scale !== placed.scale) return [];
      const along = (i: 0 | 1) => p.at[i] + (anchor[i] - p.anchor[i]) / placed.scale;
      return [[along(0), along(1)] as const];
    });
}
