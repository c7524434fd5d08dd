import type { Command } from "./Command";

const GROUP = "While placing";

/** What turns and mirrors what is being placed. */
export const placing: readonly Command[] = [
  {
    name: "place.setOut",
    words: "Step the set-out line of walls to draw",
    group: GROUP,
    keys: ["o"],
    within: "placing",
    does: ({ actions }) => actions.changing.stepSetOut(),
  },
  {
    name: "place.insideOut",
    brief: "Turn inside out",
    words: "Turn walls inside out: those to draw or those selected; a free fitting by a quarter",
    group: GROUP,
    keys: ["i"],
    on: (thing) => thing?.type === "wall",
    does: ({ actions }) => void actions.changing.turnInsideOut(),
  },
  {
    name: "place.hinge",
    words: "Turn the door to place: its hinge, or the way it slides; mirror the fitting",
    group: GROUP,
    keys: ["h"],
    does: ({ actions }) => actions.changing.flipHinge(),
  },
];
