import { aimed } from "../catch/aim";
import { footOn } from "../catch/near";
import { wallUnderPointer } from "../catch/onWall";
import { pointOf } from "../catch/points";
import { type BoardState, measuredLine, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface Cut {
  readonly name: "cut";
  readonly wall: string | null;
  readonly at: ModelPoint | null;
}

const fresh: Cut = { name: "cut", wall: null, at: null };

/** A split where a wall is pointed at; with a first place picked, the stretch from there to the pointer is taken out. */
export const cut: ToolOf<Cut> = {
  name: "cut",
  words: "Split, cut out",
  key: "k",
  also: "break divide trim",
  fresh,
  startsOn: (thing) => (thing.type === "wall" ? fresh : null),
  aims: true,
  prompt: (_, { at }) =>
    at
      ? ["Split, cut out.", "Enter splits it. Or click, or type how long, to take a stretch out."]
      : ["Split, cut out.", "Click along a wall, or type the distance from its nearer end."],
  edit: (state, tool) => {
    const wall = tool.wall ?? wallUnderPointer(state);
    const at = wall && placeOn(state, wall, tool.at);
    if (!wall || !at) return null;
    const place: [number, number] = [at.x, at.y];
    return tool.at
      ? { type: "cutOut", wall, from: [tool.at.x, tool.at.y], to: place }
      : { type: "split", wall, at: place };
  },
  take: async (hands, tool) => {
    if (tool.at) {
      await hands.make(fresh);
      return;
    }
    const wall = wallUnderPointer(hands.state);
    const at = wall && placeOn(hands.state, wall, null);
    if (wall && at) hands.go({ name: "cut", wall, at });
    else hands.say("Point at the wall to split or to cut.");
  },
  end: async (hands, { wall, at }) => {
    if (wall && at) await hands.submit({ type: "split", wall, at: [at.x, at.y] }, fresh);
  },
  back: (tool) => (tool.at ? fresh : null),
  picked: (tool) => (tool.at ? [tool.at] : []),
};

/** The place along a wall the pointer means: what it caught, at the typed distance from the nearer end, or below it. */
function placeOn(state: BoardState, wall: string, first: ModelPoint | null): ModelPoint | undefined {
  const line = measuredLine(state, wall);
  const typed = typedMm(state);
  const pointer = aimed(state);
  const start = line[0];
  const end = line[line.length - 1];
  if (!start || !end || !pointer) return undefined;
  const free = footOn(start.from, end.to, pointOf(pointer));
  if (typed === undefined) return free;
  const from = first ?? nearEnd(start.from, end.to, free);
  const way = first ? free : middle(start.from, end.to);
  const length = Math.hypot(way.x - from.x, way.y - from.y) || 1;
  const part = typed / length;
  return { x: from.x + (way.x - from.x) * part, y: from.y + (way.y - from.y) * part };
}

type Point = readonly [number, number];

function nearEnd(a: Point, b: Point, p: ModelPoint): ModelPoint {
  const nearer = Math.hypot(a[0] - p.x, a[1] - p.y) <= Math.hypot(b[0] - p.x, b[1] - p.y) ? a : b;
  return { x: nearer[0], y: nearer[1] };
}

function middle(a: Point, b: Point): ModelPoint {
  return { x: (a[0] + b[0]) / 2, y: (a[1] + b[1]) / 2 };
}
