import type { Command } from "./Command";

const GROUP = "Taking back";

export const takingBack: readonly Command[] = [
  {
    name: "undo",
    words: "Undo",
    group: GROUP,
    keys: ["Ctrl z"],
    when: ({ undo }) => undo !== null,
    does: ({ sync }) => void sync.undo(),
  },
  {
    name: "redo",
    words: "Redo; brings back a pick while a tool has one",
    group: GROUP,
    keys: ["Ctrl y", "Ctrl Z"],
    does: ({ actions }) => void actions.redo(),
  },
];
