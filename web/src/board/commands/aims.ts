import type { aimBy } from "../catch/aiming";
import type { Command } from "./Command";

const GROUP = "Pointing";

function by(way: Parameters<typeof aimBy>[1], key: string, words: string): Command {
  return {
    name: `aim.${way}`,
    words,
    group: GROUP,
    keys: [key],
    within: "aiming",
    does: ({ actions }) => void actions.aimBy(way),
  };
}

/** Ways to find the next point besides the pointer alone. */
export const aims: readonly Command[] = [
  {
    name: "aim.next",
    words: "Next place the pointer could hold to, next distance to set out by, next gap",
    group: GROUP,
    keys: ["c"],
    does: ({ actions }) => actions.nextCatch(),
  },
  {
    name: "aim.holdsTo",
    words: "Hold first to finished faces, structures or set-out lines",
    group: GROUP,
    keys: ["E"],
    does: ({ actions }) => actions.nextCatching(),
  },
  by("hold", "f", "Hold the direction the pointer shows, or let it go"),
  by("from", "a", "Measure the next point from the place caught"),
  by("across", "x", "Take only the across of the place caught"),
  by("up", "y", "Take only the up of the place caught"),
  by("measure", "n", "A distance from the place caught; two of them make a point"),
  {
    name: "aim.axes",
    words: "Turn arrows, across and up to the wall under the pointer; clear of walls, back",
    group: GROUP,
    keys: ["u"],
    does: ({ actions }) => void actions.aimBy("axes"),
  },
];
