import { endsOf } from "../catch/wallEnds";
import { typedMm, wallSelected } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface Bend {
  readonly name: "bend";
}

/** Bends the selected wall: through the pointer, or with a typed radius to the pointer's side. */
export const bend: ToolOf<Bend> = {
  name: "bend",
  words: "Bend a wall",
  key: "b",
  also: "curve arc radius",
  fresh: { name: "bend" },
  startsOn: (thing) => (thing.type === "wall" ? { name: "bend" } : null),
  prompt: (state) =>
    wallSelected(state)
      ? ["Bend a wall.", "Click a point it runs through, or type its radius."]
      : ["Bend a wall.", "Click the wall to bend."],
  edit: (state) => {
    const { pointer } = state;
    const wall = wallSelected(state);
    const ends = wall && endsOf(state.elements, wall);
    if (!pointer || !wall || !ends) return null;
    const radiusMm = typedMm(state);
    if (radiusMm === undefined)
      return { type: "curveWall", wall: wall.id, shape: { type: "through", point: [pointer.x, pointer.y] } };
    const [from, to] = ends;
    const turn = (to[0] - from[0]) * (pointer.y - from[1]) - (to[1] - from[1]) * (pointer.x - from[0]);
    const bowsTo = turn >= 0 ? "LEFT" : "RIGHT";
    return { type: "curveWall", wall: wall.id, shape: { type: "radius", radiusMm, bowsTo } };
  },
  take: async (hands, _, pointer) => {
    if (!wallSelected(hands.state)) return hands.select(pointer, false);
    if (await hands.make()) hands.set({ selection: [] });
  },
};
