import type { Pick } from "../../api/types";
import { aimed, stepOf } from "../catch/aim";
import { pointOf } from "../catch/points";
import { LineToMake } from "../making/NewLine";
import { layerOf } from "../state/layers";
import { type BoardState, planShown, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

type Point = [number, number];

export interface Line {
  readonly name: "line";
  readonly from: Pick | null;
  /** The line that another is to lie beside. */
  readonly along: readonly [Point, Point] | null;
}

const fresh: Line = { name: "line", from: null, along: null };

/** Pixels: how near a line has to be to lie beside it. */
const REACH_PX = 10;

/** A line to draw by, through two points or at a distance from another; it never prints. */
export const line: ToolOf<Line> = {
  name: "line",
  words: "Construction line",
  makes: "constructionLine",
  also: "guide axis helper parallel",
  fresh,
  aims: true,
  prompt: ({ making }, { from, along }) => {
    if (!making.line.beside) return ["Construction line.", from ? "Click a second point." : "Click a point."];
    return along
      ? ["Construction line.", "Point to a side; type the distance, or click."]
      : ["Construction line.", "Click the face or line it is to lie beside."];
  },
  edit: (state, { from, along }) => {
    const storey = planShown(state)?.storey;
    const ends = state.making.line.beside ? beside(state, along) : through(state, from);
    if (!storey || !ends) return null;
    const layer = layerOf(state, "constructionLine");
    const { endless } = state.making.line;
    return { type: "drawConstructionLine", storey, layer, from: ends[0], to: ends[1], endless };
  },
  take: async (hands, tool) => {
    const { state } = hands;
    if (tool.from || tool.along) await hands.make(fresh);
    else if (state.making.line.beside) {
      const under = lineUnder(state);
      if (under) hands.go({ ...fresh, along: under });
      else hands.say("Click a face of a wall, or a line.");
    } else {
      const from = aimed(state);
      if (from) hands.go({ ...fresh, from });
    }
  },
  back: (tool) => (tool.from || tool.along ? fresh : null),
  from: ({ from }) => (from ? pointOf(from) : undefined),
  picked: ({ from }) => (from ? [pointOf(from)] : []),
  Facts: LineToMake,
};

function through(state: BoardState, from: Pick | null): [Point, Point] | null {
  const to = from && aimed(state, pointOf(from));
  return from && to ? [from.at, to.at] : null;
}

/** On the pointer's side, at the distance typed, or the pointer's own. */
function beside(state: BoardState, along: Line["along"]): [Point, Point] | null {
  if (!along || !state.pointer) return null;
  const [a, b] = along;
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const left = { x: -(b[1] - a[1]) / length, y: (b[0] - a[0]) / length };
  const off = (state.pointer.x - a[0]) * left.x + (state.pointer.y - a[1]) * left.y;
  const step = stepOf(state);
  const mm = (typedMm(state) ?? Math.round(Math.abs(off) / step) * step) * (off < 0 ? -1 : 1);
  const shifted = (p: Point): Point => [p[0] + left.x * mm, p[1] + left.y * mm];
  return [shifted(a), shifted(b)];
}

function lineUnder({ nearby, pointer, view }: BoardState): Line["along"] {
  const near = nearby.catchesAt(pointer ?? ({ x: 0, y: 0 } satisfies ModelPoint), REACH_PX / view.zoom);
  const found = near.find(({ caught: { from, to } }) => from[0] !== to[0] || from[1] !== to[1]);
  return found ? [found.caught.from, found.caught.to] : null;
}
