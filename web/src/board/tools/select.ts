import { canShift, elementOf, gapPointedAt, measureNow, wallSelected } from "../state/state";
import { gapEdit, moverOf } from "./parts/gap";
import { measureEdit } from "./parts/measured";
import type { Hands, ToolOf, Words } from "./ToolOf";

export interface Select {
  readonly name: "select";
}

/** Selecting, and changing by what is typed what stands beside the one thing selected. */
export const select: ToolOf<Select> = {
  name: "select",
  words: "Select",
  key: "v",
  fresh: { name: "select" },
  anywhere: true,
  leavesPanel: true,
  prompt: (state): Words => {
    const markOf = (wall: string) => elementOf(state, "wall", wall)?.mark ?? "the wall";
    const pointed = gapPointedAt(state);
    const mover = moverOf(state);
    if (pointed && mover) {
      const rest = mover === pointed.gap.wall ? pointed.gap.other : pointed.gap.wall;
      return [`${markOf(mover)} moves.`, `Type its gap to ${markOf(rest)}. N moves ${markOf(rest)} instead.`];
    }
    const measure = state.settingOut?.measures[measureNow(state)];
    if (measure) return ["Select.", `Type to change the distance. ${measure.words}. C takes the next.`];
    return state.selection.length > 0 && canShift(state)
      ? ["Select.", "Drag to move it, or press M to move it exactly."]
      : ["Select.", "Click a thing, or drag a box."];
  },
  edit: (state) => gapEdit(state) ?? measureEdit(state),
  take: (hands, _, pointer, more) => hands.select(pointer, more),
  accept: async (hands, tool) => {
    if (select.edit(hands.state, tool)) await hands.make();
    else hands.say(nothingToSet(hands));
  },
};

function nothingToSet({ state }: Hands): string {
  const wall = wallSelected(state);
  return wall
    ? `The gaps round ${wall.mark} are not read yet: see which one is meant, then press Enter.`
    : "Select one wall, and point at the gap that is to become this.";
}
