import type { Tool, ToolName } from "../state/state";

/** A tool as the rail lists it. */
export interface ToolEntry {
  readonly name: ToolName;
  readonly words: string;
  /** The key that chooses it; a capital is typed with Shift. */
  readonly key: string;
}

export interface Stage {
  readonly words: string;
  readonly tools: readonly ToolEntry[];
}

/** The stages, in the order of the work, with the tools that exist so far. */
export const STAGES: readonly Stage[] = [
  {
    words: "Walls",
    tools: [
      { name: "run", words: "Run of walls", key: "w" },
      { name: "rectangle", words: "Rectangle of walls", key: "e" },
      { name: "beside", words: "Wall beside a wall", key: "j" },
      { name: "reach", words: "Run to a wall", key: "r" },
      { name: "cut", words: "Split, cut out", key: "k" },
      { name: "bend", words: "Bend a wall", key: "b" },
      { name: "piece", words: "Lining, pier, niche", key: "l" },
      { name: "post", words: "Post", key: "p" },
    ],
  },
  {
    words: "Openings",
    tools: [
      { name: "door", words: "Door", key: "d" },
      { name: "window", words: "Window", key: "g" },
    ],
  },
  {
    words: "Storeys and stairs",
    tools: [
      { name: "storeys", words: "Storeys", key: "Y" },
      { name: "floor", words: "Floor", key: "G" },
      { name: "void", words: "Void", key: "O" },
      { name: "stair", words: "Stair", key: "S" },
      { name: "well", words: "Stair in a well", key: "W" },
      { name: "section", words: "Section line", key: "C" },
    ],
  },
  {
    words: "Rooms and fittings",
    tools: [
      { name: "room", words: "Room", key: "R" },
      { name: "limit", words: "Room limit", key: "B" },
      { name: "fitting", words: "Fitting", key: "F" },
    ],
  },
  {
    words: "Dimensions, notes",
    tools: [
      { name: "string", words: "Dimension string", key: "s" },
      { name: "note", words: "Note or name", key: "t" },
    ],
  },
];

export const EVERYWHERE: readonly ToolEntry[] = [
  { name: "select", words: "Select", key: "v" },
  { name: "move", words: "Move", key: "m" },
  { name: "copy", words: "Copies in a row", key: "M" },
  { name: "turn", words: "Turn", key: "T" },
  { name: "mirror", words: "Mirror", key: "X" },
  { name: "measure", words: "Measure", key: "q" },
];

export const TOOLS: readonly ToolEntry[] = [...EVERYWHERE, ...STAGES.flatMap((s) => s.tools)];

/** The tools whose points are found by aiming: caught, held, measured. */
export const AIMING: readonly ToolName[] = [
  "run",
  "rectangle",
  "cut",
  "post",
  "limit",
  "floor",
  "void",
  "stair",
  "well",
  "section",
  "move",
  "copy",
  "turn",
  "mirror",
  "end",
  "paste",
  "measure",
  "scale",
];

/** The tools that set something out along a wall, from its neighbours. */
export const PLACES_ALONG: readonly ToolName[] = ["door", "window", "fitting"];

/** How a key is written where a tool stands. */
export function keyWords(key: string): string {
  return key === key.toLowerCase() ? key.toUpperCase() : `Shift ${key}`;
}

type KeyRow = readonly [string, string];

/** The board's keys besides the tools' own, by what they are for. */
export const OTHER_KEYS: readonly (readonly [string, readonly KeyRow[]])[] = [
  [
    "Typing",
    [
      ["0 to 9", "Type a length; 3600 x 2700 are two, at 30 is an angle, 3200 at 30 both"],
      ["Enter", "Accept; with nothing typed, end the run, split, or paste where it was"],
      ["Esc", "Step back once: what is typed, the aim, the last pick, then the tool"],
    ],
  ],
  [
    "Pointing",
    [
      ["C", "Next place the pointer could hold to, or next distance to set out by (Tab while typing)"],
      ["Shift E", "Hold first to finished faces, structures or set-out lines"],
      ["Arrows", "Hold the direction: right, up, left, down"],
      ["F", "Hold the direction the pointer shows, or let it go"],
      ["A", "Measure the next point from the place caught"],
      ["X, Y", "Take only the across, or only the up, of the place caught"],
      ["N", "A distance from the place caught; two of them make a point"],
      ["U", "Turn arrows, across and up to the wall under the pointer; clear of walls, back"],
    ],
  ],
  [
    "While placing",
    [
      ["O", "Step the set-out line of walls to draw"],
      ["I", "Turn walls inside out: those to draw or those selected; a free fitting by a quarter"],
      ["H", "Turn the door to place: its hinge, or the way it slides; mirror the fitting"],
    ],
  ],
  [
    "Selecting",
    [
      ["Drag", "From clear paper: select what lies inside. From a thing: all that is touched"],
      ["Shift", "With a click or a box, select more"],
      ["N", "With a wall selected, its neighbour moves instead"],
      ["Shift J", "Select along joined walls"],
      ["Shift I", "Select all others"],
      ["Shift H", "Hide what is selected for now"],
      ["Shift L", "Lock what is selected for now"],
      ["Shift U", "Show and unlock all"],
      ["Ctrl C, Ctrl V", "Copy, and paste here, on another storey or in another project"],
      ["Del", "Delete what is selected"],
    ],
  ],
  [
    "Looking",
    [
      ["Space", "Held while dragging, shift the view (or drag with another button)"],
      ["Z", "Show or hide the backdrop: the storey below, or the drawing chosen in Facts"],
      ["Home", "See all"],
      ["End", "See what is selected"],
      ["Page up", "Go back to the last view"],
    ],
  ],
  [
    "Taking back",
    [
      ["Ctrl Z", "Undo"],
      ["Ctrl Y", "Redo; brings back a pick while a tool has one"],
    ],
  ],
];

export function fresh(name: ToolName): Tool {
  switch (name) {
    case "run":
    case "string":
      return { name, picks: [], undone: [] };
    case "rectangle":
    case "limit":
    case "move":
    case "copy":
    case "mirror":
      return { name, from: null };
    case "beside":
      return { name, wall: null };
    case "reach":
      return { name, wall: null, end: "END" };
    case "cut":
      return { name, wall: null, at: null };
    case "turn":
      return { name, centre: null, from: null };
    case "floor":
    case "void":
      return { name, picks: [] };
    case "stair":
    case "well":
      return { name, from: null };
    case "section":
      return { name, from: null, to: null };
    case "measure":
      return { name, points: [] };
    case "note":
      return { name, at: null };
    case "place":
    case "end":
    case "scale":
      return { name: "select" };
    default:
      return { name };
  }
}

/** The tool before its last pick; null where it has none. */
export function stepBack(tool: Tool): Tool | null {
  switch (tool.name) {
    case "run":
      return tool.picks.length === 0
        ? null
        : { ...tool, picks: tool.picks.slice(0, -1), undone: [...tool.undone, ...tool.picks.slice(-1)] };
    case "string":
      return tool.picks.length === 0
        ? null
        : { ...tool, picks: tool.picks.slice(0, -1), undone: [...tool.undone, ...tool.picks.slice(-1)] };
    case "floor":
    case "void":
      return tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) };
    case "section":
      return tool.to ? { ...tool, to: null } : tool.from ? { ...tool, from: null } : null;
    case "stair":
    case "well":
      return tool.from ? { ...tool, from: null } : null;
    case "measure":
    case "scale":
      return tool.points.length === 0 ? null : { ...tool, points: tool.points.slice(0, -1) };
    case "turn":
      return tool.from ? { ...tool, from: null } : tool.centre ? { ...tool, centre: null } : null;
    case "rectangle":
    case "limit":
    case "move":
    case "copy":
    case "mirror":
      return tool.from ? { ...tool, from: null } : null;
    case "beside":
    case "reach":
      return tool.wall ? fresh(tool.name) : null;
    case "cut":
    case "note":
      return tool.at ? fresh(tool.name) : null;
    default:
      return null;
  }
}

/** The tool with the pick back that was taken from it last; null where there is none. */
export function stepOn(tool: Tool): Tool | null {
  if (tool.name === "run" && tool.undone.length > 0)
    return { ...tool, picks: [...tool.picks, ...tool.undone.slice(-1)], undone: tool.undone.slice(0, -1) };
  if (tool.name === "string" && tool.undone.length > 0)
    return { ...tool, picks: [...tool.picks, ...tool.undone.slice(-1)], undone: tool.undone.slice(0, -1) };
  return null;
}
