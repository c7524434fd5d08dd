import type { Pick } from "../../api/types";
import { readSpacings } from "../../measure/spacings";
import { pointOf } from "../catch/points";
import { GridToMake } from "../making/NewGrid";
import { layerOf } from "../state/layers";
import { type BoardState, planShown, unitsOf } from "../state/state";
import { nextPoint } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Grid {
  readonly name: "grid";
  readonly from: Pick | null;
  readonly to: Pick | null;
}

const fresh: Grid = { name: "grid", from: null, to: null };

/** A grid line through two points, and others beside it at typed distances. */
export const grid: ToolOf<Grid> = {
  name: "grid",
  words: "Grid lines",
  makes: "gridLine",
  also: "axis bubble set out",
  fresh,
  aims: true,
  prompt: (state, { from, to }) => {
    if (!from) return ["Grid lines.", "Click where the first starts."];
    if (!to) return ["Grid lines.", "Click where it ends."];
    return ["Grid lines.", further(state) ? "Click the side the others lie on." : "Click to draw it."];
  },
  edit: (state, { from, to }) => {
    if (!planShown(state) || !from || !to || !state.pointer) return null;
    const a = pointOf(from);
    const b = pointOf(to);
    const across = (b.x - a.x) * (state.pointer.y - a.y) - (b.y - a.y) * (state.pointer.x - a.x);
    const { first, apart, bubbles } = state.making.grid;
    const spacings = readSpacings(apart, unitsOf(state));
    if (spacings.type === "unreadable") return null;
    return {
      type: "drawGrid",
      layer: layerOf(state, "gridLine"),
      from: from.at,
      to: to.at,
      first,
      bubbles,
      beside: across >= 0 ? "LEFT" : "RIGHT",
      apartMm: [...spacings.mm],
    };
  },
  take: async (hands, tool) => {
    if (tool.from && tool.to) {
      const spacings = readSpacings(hands.state.making.grid.apart, unitsOf(hands.state));
      if (spacings.type === "unreadable") hands.say(spacings.reason);
      else await hands.make(fresh);
      return;
    }
    const next = nextPoint(hands.state, tool.from ? [tool.from] : []);
    if (!next) return;
    hands.go(tool.from ? { ...tool, to: next } : { ...tool, from: next });
  },
  back: (tool) => (tool.to ? { ...tool, to: null } : tool.from ? fresh : null),
  from: ({ from }) => (from ? pointOf(from) : undefined),
  picked: ends,
  line: (tool, pointer) => [...ends(tool), ...(tool.from && !tool.to && pointer ? [pointer] : [])],
  Facts: GridToMake,
};

function further(state: BoardState): boolean {
  return state.making.grid.apart.trim() !== "";
}

function ends({ from, to }: Grid) {
  return [from, to].flatMap((p) => (p ? [pointOf(p)] : []));
}
