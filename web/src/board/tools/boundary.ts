import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { layerOf } from "../state/layers";
import { type BoardState, planShown } from "../state/state";
import { closesRing, nextPoint } from "./parts/outline";
import type { Hands, ToolOf } from "./ToolOf";

export interface Boundary {
  readonly name: "boundary";
  readonly picks: readonly Pick[];
}

const fresh: Boundary = { name: "boundary", picks: [] };

/** The sides of the plot, from corner to corner; closed at the first, or left open. */
export const boundary: ToolOf<Boundary> = {
  name: "boundary",
  words: "Boundary of the plot",
  makes: "boundaryLine",
  also: "site property line lot fence party setback",
  fresh,
  aims: true,
  prompt: (_, { picks }) => {
    if (picks.length === 0) return ["Boundary of the plot.", "Click a corner of it."];
    if (picks.length === 1) return ["Boundary of the plot.", "Click its next corner."];
    return [
      "Boundary of the plot.",
      "Go on; click the first corner to close it, or press Enter to leave it open.",
    ];
  },
  edit: (state, { picks }) => {
    const next = nextPoint(state, picks);
    if (!planShown(state) || picks.length === 0) return null;
    return drawn(state, next && !closesRing(state, picks, next) ? [...picks, next] : picks, next);
  },
  take: async (hands, { picks }) => {
    const next = nextPoint(hands.state, picks);
    if (!next) return;
    if (closesRing(hands.state, picks, next)) await hands.make(fresh);
    else hands.go({ ...fresh, picks: [...picks, next] });
  },
  end: (hands, { picks }) => leaveOpen(hands, picks),
  back: ({ picks }) => (picks.length === 0 ? null : { ...fresh, picks: picks.slice(0, -1) }),
  from: ({ picks }) => picks.map(pointOf)[picks.length - 1],
  picked: ({ picks }) => picks.map(pointOf),
  line: ({ picks }, pointer) => [...picks.map(pointOf), ...(pointer ? [pointer] : [])],
};

/** The edit for some corners. @param next where the pointer is: at the first corner it closes the plot */
function drawn(state: BoardState, picks: readonly Pick[], next?: Pick) {
  if (picks.length < 2) return null;
  return {
    type: "drawBoundary" as const,
    layer: layerOf(state, "boundaryLine"),
    corners: picks.map((p): [number, number] => [p.at[0], p.at[1]]),
    closed: next !== undefined && closesRing(state, picks, next),
  };
}

async function leaveOpen(hands: Hands, picks: readonly Pick[]): Promise<void> {
  const edit = drawn(hands.state, picks);
  if (edit) await hands.submit(edit, fresh);
}
