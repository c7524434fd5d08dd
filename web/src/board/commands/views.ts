import { planShown } from "../state/state";
import type { Command } from "./Command";

const GROUP = "Looking";

/** Where the board looks, and what it shows faintly. */
export const views: readonly Command[] = [
  {
    name: "look.all",
    words: "See all",
    also: "zoom fit",
    group: GROUP,
    keys: ["Home"],
    on: (thing) => thing === null,
    does: ({ sync }) => sync.views.zoomToAll(),
  },
  {
    name: "look.selected",
    words: "See what is selected",
    brief: "See it",
    also: "zoom",
    group: GROUP,
    keys: ["End"],
    when: ({ selection }) => selection.length > 0,
    on: (thing) => thing !== null,
    does: ({ sync }) => sync.views.zoomToSelection(),
  },
  {
    name: "look.back",
    words: "Go back to the last view",
    group: GROUP,
    keys: ["PageUp"],
    when: ({ earlierViews }) => earlierViews.length > 0,
    does: ({ sync }) => sync.views.back(),
  },
  {
    name: "look.backdrop",
    words: "Show or hide the backdrop: the storey below, or the drawing chosen in Facts",
    brief: "Backdrop",
    group: GROUP,
    keys: ["z"],
    on: (thing, state) => thing === null && planShown(state) !== undefined,
    does: ({ sync }) => sync.showing.toggleBackdrop(),
  },
  {
    name: "look.hairlines",
    words: "Draw all lines as hairlines, or in their widths",
    group: GROUP,
    keys: [],
    does: ({ store }) => store.setState({ hairlines: !store.getState().hairlines }),
  },
];
