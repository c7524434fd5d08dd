import type { DimensionString, Edit, Element } from "../../api/types";
import { PointsOfString } from "../making/PointsOfString";
import { figureChange } from "../state/revisions";
import { type BoardState, caughtNow, elementOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface PointsTool {
  readonly name: "points";
  /** The string that is refined. */
  readonly string: string;
}

/** Pixels: how near to the line of a string a click means a point of it. */
const ON_LINE_PX = 8;
/** Pixels: how near to a point of it. */
const POINT_PX = 14;

/** Adds points to a string that stands, takes them out, or splits it: a slip is one click, and one undo. */
export const points: ToolOf<PointsTool> = {
  name: "points",
  words: "Points of a string",
  also: "dimension add remove break split refine",
  startsOn: (thing: Element) =>
    thing.type === "dimensionString" ? { name: "points", string: thing.id } : null,
  anywhere: true,
  holds: true,
  prompt: (state, { string }) => {
    const of = elementOf(state, "dimensionString", string);
    const onIt = of && state.pointer && isOnLine(of, state.pointer, state.view.zoom);
    if (state.making.onString === "REACH")
      return [
        "Lines of a string.",
        "Click where a point's line is to end; on the string to give it back its usual length.",
      ];
    const does = state.making.onString === "SPLIT" ? "split the string there" : "take the point out";
    return [
      "Points of a string.",
      onIt ? `Click to ${does}.` : `Click a face, edge or corner to add it; on the string to ${does}.`,
    ];
  },
  edit: (state, { string }) => editOf(state, string),
  take: async (hands, tool) => {
    if (editOf(hands.state, tool.string)) await hands.make(tool);
    else if (!caughtNow(hands.state)) hands.say("Nothing to hold to here: pick a face, an edge or a corner.");
  },
  Facts: PointsOfString,
};

function editOf(state: BoardState, string: string): Edit | null {
  const of = elementOf(state, "dimensionString", string);
  const { pointer } = state;
  if (!of || !pointer) return null;
  if (state.making.onString === "REACH") return reaching(of, state);
  const caught = caughtNow(state);
  if (isOnLine(of, pointer, state.view.zoom)) {
    const at: [number, number] = [pointer.x, pointer.y];
    return state.making.onString === "SPLIT"
      ? { type: "splitString", string, at }
      : { type: "takeStringPoint", string, at, withinMm: POINT_PX / state.view.zoom };
  }
  const hold = caught?.caught.hold;
  const has = of.holds.some((h) => JSON.stringify(h) === JSON.stringify(hold));
  return hold && !has ? { type: "addStringPoint", string, hold } : null;
}

/** The line of the nearest point ends at the pointer; on the string, it is that of its style again. */
function reaching(of: DimensionString, { pointer, view }: BoardState): Edit | null {
  if (!pointer) return null;
  const at: [number, number] = [pointer.x, pointer.y];
  const to = isOnLine(of, pointer, view.zoom)
    ? ({ type: "asStyled" } as const)
    : ({ type: "reaching", end: at } as const);
  return figureChange(of.id, at, to);
}

function isOnLine({ at, direction }: DimensionString, pointer: ModelPoint, zoom: number): boolean {
  const off = (pointer.x - at[0]) * -direction[1] + (pointer.y - at[1]) * direction[0];
  return Math.abs(off) * zoom <= ON_LINE_PX;
}
