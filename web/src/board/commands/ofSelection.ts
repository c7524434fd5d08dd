import type { Element } from "../../api/types";
import { alike } from "../hands/selecting";
import { takeInHand, turnPlaced } from "../sheets/placing";
import type { Board } from "../state/context";
import { inFront, layingSquare } from "../state/revisions";
import { type BoardState, planShown, wallSelected } from "../state/state";
import { cropping } from "../tools/crop";
import type { Command } from "./Command";

const GROUP = "Selecting";

const some = ({ selection }: BoardState) => selection.length > 0;
/** On a thing of a drawing; on a sheet whole drawings are picked. */
const inDrawing = (thing: Element | null, { shown }: BoardState) =>
  thing !== null && shown?.kind === "drawing";
const onSheet = ({ shown, selection }: BoardState) => shown?.kind === "sheet" && selection.length > 0;
const walls = (state: BoardState) => state.selection.some((id) => state.elements.get(id)?.type === "wall");

/** What stands in front of what in a plan. */
const FRONTS = [
  ["FRONT", "Bring what is selected in front of all else in this plan", "In front of all"],
  ["FORWARD", "Bring what is selected one step to the front in this plan", "One step to the front"],
  ["BACKWARD", "Put what is selected one step to the back in this plan", "One step to the back"],
  ["BACK", "Put what is selected behind all that stands in front in this plan", "Behind all"],
] as const;

/** What lies over other things as a rule; others are put in front from Find. */
const COVERS: ReadonlySet<string> = new Set(["fitting", "blank", "post"]);

/** What is done with what is selected, or selects more. */
export const ofSelection: readonly Command[] = [
  {
    name: "select.next",
    words: "Select the next thing on the board",
    also: "step through keyboard",
    group: GROUP,
    keys: ["]"],
    within: "selecting",
    does: ({ actions }) => actions.selection.step(1),
  },
  {
    name: "select.previous",
    words: "Select the thing before",
    also: "step back keyboard",
    group: GROUP,
    keys: ["["],
    within: "selecting",
    does: ({ actions }) => actions.selection.step(-1),
  },
  {
    name: "select.otherMoves",
    words: "With a wall selected, its neighbour moves instead",
    group: GROUP,
    keys: ["n"],
    within: "selecting",
    when: (state) => wallSelected(state) !== undefined,
    does: ({ actions }) => actions.changing.swapMover(),
  },
  {
    name: "select.alike",
    words: "Select all alike",
    brief: "Select alike",
    group: GROUP,
    keys: [],
    when: (state) => alike(state).length > 1,
    on: (thing, state) => thing !== null && alike(state).length > 1,
    does: ({ actions }) => actions.selection.selectAlike(),
  },
  {
    name: "select.joined",
    words: "Select along joined walls",
    group: GROUP,
    keys: ["J"],
    when: walls,
    on: (thing) => thing?.type === "wall",
    does: ({ actions }) => actions.selection.selectJoined(),
  },
  {
    name: "select.all",
    words: "Select all",
    also: "everything",
    group: GROUP,
    keys: ["Ctrl a"],
    when: ({ shown }) => shown?.kind === "drawing",
    does: ({ actions }) => actions.selection.selectAll(),
  },
  {
    name: "select.others",
    words: "Select all others",
    also: "invert",
    group: GROUP,
    keys: ["I"],
    does: ({ actions }) => actions.selection.selectOthers(),
  },
  {
    name: "select.copy",
    words: "Copy",
    also: "clipboard",
    group: GROUP,
    keys: ["Ctrl c"],
    when: some,
    on: inDrawing,
    does: ({ actions }) => void actions.copy(),
  },
  {
    name: "select.paste",
    words: "Paste here, on another storey or in another project",
    brief: "Paste",
    also: "clipboard insert",
    group: GROUP,
    keys: ["Ctrl v"],
    on: (thing, { shown }) => thing === null && shown?.kind === "drawing",
    does: ({ actions }) => actions.paste(),
  },
  {
    name: "select.hide",
    words: "Hide what is selected for now",
    brief: "Hide for now",
    group: GROUP,
    keys: ["H"],
    when: some,
    on: inDrawing,
    does: ({ actions }) => actions.selection.hideSelected(),
  },
  ...FRONTS.map(
    ([how, words, brief]): Command => ({
      name: `select.${how.toLowerCase()}`,
      words,
      brief,
      also: "order stack cover hide behind",
      group: GROUP,
      keys: [],
      when: (state) => some(state) && planShown(state) !== undefined,
      on: (thing, state) => thing !== null && COVERS.has(thing.type) && planShown(state) !== undefined,
      does: ({ sync, store }) => {
        const { selection } = store.getState();
        const plan = planShown(store.getState());
        if (plan) void sync.edit(inFront(plan.id, selection, how));
      },
    }),
  ),
  {
    name: "select.lock",
    words: "Lock what is selected for now",
    brief: "Lock for now",
    group: GROUP,
    keys: ["L"],
    when: some,
    on: inDrawing,
    does: ({ actions }) => actions.selection.lockSelected(),
  },
  {
    name: "select.showAll",
    words: "Show and unlock all",
    also: "hidden locked",
    group: GROUP,
    keys: ["U"],
    when: ({ hidden, locked }) => hidden.size + locked.size > 0,
    on: (thing, { hidden, locked }) => thing === null && hidden.size + locked.size > 0,
    does: ({ actions }) => actions.selection.showAll(),
  },
  {
    name: "select.delete",
    words: "Delete what is selected",
    brief: "Delete",
    also: "remove erase",
    group: GROUP,
    keys: ["Delete", "Backspace"],
    when: some,
    on: inDrawing,
    does: ({ actions }) => void actions.changing.remove(),
  },
  {
    name: "sheet.open",
    words: "Open the drawing selected",
    brief: "Open it",
    group: GROUP,
    keys: [],
    when: ({ selection, elements }) => elements.get(selection[0] ?? "")?.type === "drawing",
    on: (thing) => thing?.type === "drawing",
    does: ({ store, sync }) => {
      const [id] = store.getState().selection;
      if (id !== undefined) void sync.show({ kind: "drawing", id });
    },
  },
  ofPlaced("sheet.takeOff", "Take the drawing selected off the sheet", "Take off the sheet", ({ actions }) =>
    actions.changing.remove(),
  ),
  ofPlaced("sheet.move", "Move the drawing on its sheet", "Move on the sheet", ({ store }, drawing) =>
    takeInHand(store, drawing),
  ),
  ofPlaced(
    "sheet.turn",
    "Turn the drawing on its sheet by a quarter",
    "Turn by a quarter on the sheet",
    ({ store, sync }, drawing) => turnPlaced(store, sync, drawing),
  ),
  ofPlaced("sheet.crop", "Crop the drawing on its sheet", "Crop on the sheet", ({ store }, drawing) =>
    store.setState({ tool: cropping(drawing, false), selection: [] }),
  ),
  ofPlaced(
    "sheet.cropOutline",
    "Crop the drawing on its sheet along an outline",
    "Crop along an outline",
    ({ store }, drawing) => store.setState({ tool: cropping(drawing, true), selection: [] }),
  ),
  {
    name: "house.square",
    words: "Turn the whole house so that this wall lies square",
    brief: "Lay the house square to it",
    also: "rotate align axes north true survey skew",
    group: "Walls",
    keys: [],
    when: (state) => state.version === null && wallSelected(state)?.bulge === 0,
    on: (thing, state) => thing?.type === "wall" && inDrawing(thing, state),
    does: ({ sync, store }) => {
      const wall = wallSelected(store.getState());
      if (wall) void sync.edit(layingSquare(wall.id));
    },
  },
];

/** Done with the drawing selected on the sheet shown. */
function ofPlaced(
  name: string,
  words: string,
  brief: string,
  does: (board: Board, drawing: string) => unknown,
): Command {
  return {
    name,
    words,
    brief,
    group: GROUP,
    keys: [],
    when: onSheet,
    on: (thing, state) => thing?.type === "drawing" && onSheet(state),
    does: (board) => {
      const [drawing] = board.store.getState().selection;
      if (drawing) does(board, drawing);
    },
  };
}
