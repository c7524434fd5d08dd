import { aimed } from "../../catch/aim";
import { pointOf } from "../../catch/points";
import { type BoardState, canShift, type Tool } from "../../state/state";
import type { ModelPoint } from "../../state/view";
import type { Hands } from "../ToolOf";

const ONLY_WRITTEN =
  "Here only notes, dimension strings and the frames of details move; what is drawn moves in a plan.";

/** From the point picked to the pointer; null while nothing is selected. */
export function shiftFrom(state: BoardState, from: ModelPoint): [number, number] | null {
  const to = aimed(state, from);
  return to && state.selection.length > 0 && canShift(state) ? [to.at[0] - from.x, to.at[1] - from.y] : null;
}

/** A thing to select where none is, then a point to start from, then the one to go to. */
export async function takeFromTo(
  hands: Hands,
  tool: Extract<Tool, { name: "move" | "copy" | "mirror" }>,
  fresh: Tool,
  pointer: ModelPoint,
): Promise<void> {
  if (hands.state.selection.length === 0) return hands.select(pointer, false);
  if (!canShift(hands.state)) return hands.say(ONLY_WRITTEN);
  const pick = aimed(hands.state);
  if (tool.from) await hands.make(fresh);
  else if (pick) hands.go({ ...tool, from: pointOf(pick) });
}
