import type { Footprint, Sheet } from "../../api/types";
import { type Fit, fitted } from "../sheets/fitting";
import { among } from "../sheets/placing";
import { type BoardState, elementOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface Place {
  readonly name: "place";
  readonly drawing: string;
  /** Of a turn that it is turned by. */
  readonly quarters: number;
  /** How much of it stands there. */
  readonly crop: Sheet["drawings"][number]["crop"];
  /** How much of a sheet it takes; null until that has come. */
  readonly foot: Footprint | null;
  /** The same when it comes; null where it does not. */
  readonly coming: Promise<Footprint | null>;
  /** How far from its middle it is held. */
  readonly held: ModelPoint;
}

/** How far off lines are caught, in pixels. */
const REACH_PX = 7;

/** A drawing placed on the sheet shown: in line with what stands there, never on it. */
export const place: ToolOf<Place> = {
  name: "place",
  words: "Place a drawing",
  leavesPanel: true,
  prompt: (state, tool) => {
    const name = elementOf(state, "drawing", tool.drawing)?.name ?? "A drawing";
    const fault = state.pointer && lying(state, tool, state.pointer)?.fault;
    return [`${name}.`, fault || "Click where it goes. Esc leaves it as it was."];
  },
  edit: () => null,
  take: async (hands, tool, pointer) => {
    const on = hands.state.shown?.id;
    if (!tool.foot) hands.say("Its size is being worked out; it goes where you clicked.");
    const foot = tool.foot ?? (await tool.coming);
    const now = hands.state.tool;
    const isInHand = now.name === "place" && now.drawing === tool.drawing && hands.state.shown?.id === on;
    const sheet = elementOf(hands.state, "sheet", on);
    if (!foot || !isInHand || !sheet) return;
    const there = lying(hands.state, { ...tool, foot }, pointer);
    if (!there || there.fault) return hands.say(there?.fault ?? "Click on the sheet.");
    const { anchor } = foot;
    const at: [number, number] = [there.at[0], there.at[1]];
    const placed = { drawing: tool.drawing, anchor, at, quarters: tool.quarters, crop: tool.crop };
    const drawings = sheet.drawings.some((p) => p.drawing === tool.drawing)
      ? sheet.drawings.map((p) => (p.drawing === tool.drawing ? placed : p))
      : [...sheet.drawings, placed];
    if (await hands.revise({ ...sheet, drawings, type: "sheet" })) hands.choose("select");
  },
};

/** Where the drawing in hand would lie; null before that is known. */
export function lying(
  state: BoardState,
  { drawing, quarters, foot, held }: Place,
  pointer: ModelPoint,
): Fit | null {
  const middle = { x: pointer.x - held.x, y: pointer.y - held.y };
  return (
    foot && fitted(middle, foot, among(state, drawing, foot.anchor, quarters), REACH_PX / state.view.zoom)
  );
}
