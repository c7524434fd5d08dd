import type { Edit, Pick } from "../../api/types";
import { aimed, isSamePlace } from "../catch/aim";
import { pointOf } from "../catch/points";
import { RunFacts } from "../making/NewWalls";
import { type BoardState, typedMm } from "../state/state";
import { newWall } from "./parts/newWall";
import { stepBack, stepOn } from "./parts/picks";
import type { Hands, ToolOf } from "./ToolOf";

/** Nobody means a wall as short as this; the pointer has not left the last point yet. */
const SHORTEST_MM = 10;
/** How near to the first point a click closes a run: pixels for the pointer, millimetres where a length is typed. */
const CLOSES = { px: 12, mm: 0.5 };

export interface Run {
  readonly name: "run";
  readonly picks: readonly Pick[];
  readonly undone: readonly Pick[];
}

const fresh: Run = { name: "run", picks: [], undone: [] };

/** Walls from point to point. */
export const run: ToolOf<Run> = {
  name: "run",
  words: "Run of walls",
  makes: "wall",
  key: "w",
  also: "draw wall partition outside",
  fresh,
  aims: true,
  prompt: (_, { picks }) => {
    if (picks.length === 0)
      return ["Run of walls.", "Pick where it starts. A measures from a point, O steps the set-out line."];
    if (picks.length === 1)
      return ["Run of walls.", "Point the way or press an arrow, and type the length, or click."];
    return ["Run of walls.", "Go on, click the start to close, or press Enter to end here."];
  },
  edit: (state, tool) => {
    const next = nextPick(state, tool);
    const last = tool.picks[tool.picks.length - 1];
    if (!next || !last) return null;
    const left = typedMm(state) !== undefined || !isSamePlace(pointOf(next), pointOf(last), SHORTEST_MM);
    return left ? through(state, [...tool.picks, next], closes(state, tool, next)) : null;
  },
  take: async (hands, tool) => {
    const next = nextPick(hands.state, tool);
    if (!next) return;
    const close = closes(hands.state, tool, next);
    const picks = close ? tool.picks : [...tool.picks, next];
    const ends = close || (tool.picks.length > 0 && next.hold.type === "onFace");
    if (ends) return finish(hands, picks, close);
    hands.go({ name: "run", picks, undone: [] });
  },
  end: (hands, { picks }) => {
    if (picks.length >= 2) return finish(hands, picks, false);
  },
  back: stepBack,
  on: stepOn,
  from: lastPoint,
  picked: (tool) => tool.picks.map(pointOf),
  Facts: RunFacts,
};

/** The two ends of the wall that the next click would draw; undefined while there is none. */
export function wallBeingDrawn(state: BoardState): readonly [Pick, Pick] | undefined {
  if (state.tool.name !== "run") return undefined;
  const last = state.tool.picks[state.tool.picks.length - 1];
  const next = last && nextPick(state, state.tool);
  return next && [last, next];
}

function lastPoint({ picks }: Run) {
  const last = picks[picks.length - 1];
  return last && pointOf(last);
}

/** The point a click would add. */
export function nextPick(state: BoardState, tool: Run): Pick | undefined {
  return aimed(state, lastPoint(tool));
}

/** Whether the next point is the run's first one. */
function closes(state: BoardState, tool: Run, next: Pick): boolean {
  const first = tool.picks[0];
  if (!first || tool.picks.length < 3) return false;
  const reach = typedMm(state) === undefined ? CLOSES.px / state.view.zoom : CLOSES.mm;
  return isSamePlace(pointOf(next), pointOf(first), reach);
}

function through(state: BoardState, picks: readonly Pick[], close: boolean): Edit | null {
  const wall = newWall(state);
  if (!wall || picks.length < 2) return null;
  const kept = close && picks.length > 3 ? picks.slice(0, -1) : picks;
  return { type: "drawWalls", wall, picks: [...kept], close };
}

async function finish(hands: Hands, picks: readonly Pick[], close: boolean): Promise<void> {
  const edit = through(hands.state, close ? [...picks, ...picks.slice(0, 1)] : picks, close);
  if (edit) await hands.submit(edit, fresh);
}
