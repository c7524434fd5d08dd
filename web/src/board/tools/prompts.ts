import type { BoardState, Tool, ToolName } from "../state";

/** A tool as the rail lists it. */
export interface ToolEntry {
  readonly name: ToolName;
  readonly words: string;
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
];

export const TOOLS: readonly ToolEntry[] = [...EVERYWHERE, ...STAGES.flatMap((s) => s.tools)];

/** The board's keys besides the tools' own. */
export const OTHER_KEYS: readonly (readonly [string, string])[] = [
  ["0 to 9", "Type a length into the entry line"],
  ["Enter", "Accept; with nothing typed, end the run"],
  ["Esc", "Step back once: what is typed, the last pick, then the tool"],
  ["C", "Next place the pointer could hold to (Tab while typing)"],
  ["O", "Step the set-out line of the run"],
  ["H", "Turn the hinge of the door to place"],
  ["Shift", "With a click, select more"],
  ["Del", "Delete what is selected"],
  ["Home", "See all"],
  ["End", "See what is selected"],
  ["Page up", "Go back to the last view"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Y", "Redo; brings back a pick while a tool has one"],
];

export function fresh(name: ToolName): Tool {
  switch (name) {
    case "run":
      return { name, picks: [], undone: [] };
    case "string":
      return { name, picks: [], undone: [] };
    case "move":
      return { name, from: null };
    case "note":
      return { name, at: null };
    case "place":
      return { name: "select" };
    default:
      return { name };
  }
}

/** What to do next, in one plain sentence. */
export function prompt(state: BoardState): readonly [string, string] {
  const { tool } = state;
  switch (tool.name) {
    case "select":
      return [
        "Select.",
        state.selection.length > 0 ? "Drag to move it, or press M to move it exactly." : "Click a thing.",
      ];
    case "run":
      if (tool.picks.length === 0)
        return [
          "Run of walls.",
          "Pick where it starts: a free point, a corner or a face. O steps the set-out line.",
        ];
      if (tool.picks.length === 1) return ["Run of walls.", "Point the way and type the length, or click."];
      return ["Run of walls.", "Go on, click the start to close, or press Enter to end here."];
    case "bend":
      return state.selection.length === 1 && state.elements.get(state.selection[0] ?? "")?.type === "wall"
        ? ["Bend a wall.", "Click a point it runs through, or type its radius."]
        : ["Bend a wall.", "Click the wall to bend."];
    case "piece":
      return [
        "Lining, pier, niche.",
        "Point at a face of a wall and type the distance from its end, or click.",
      ];
    case "post":
      return ["Post.", "Click where its middle goes."];
    case "door":
      return ["Door.", "Point at a wall and type the distance from its end, or click. H turns the hinge."];
    case "window":
      return ["Window.", "Point at a wall and type the distance from its end, or click."];
    case "move":
      if (state.selection.length === 0) return ["Move.", "Click the thing to move."];
      return [
        "Move.",
        tool.from ? "Point the way and type how far, or click." : "Pick a point to move from.",
      ];
    case "string":
      return tool.picks.length < 2
        ? ["Dimension string.", "Pick faces, edges or corners."]
        : ["Dimension string.", "Pick more, or click clear of them to place the line."];
    case "note":
      return ["Note or name.", tool.at ? "Type the words and press Enter." : "Click where it goes."];
    case "place":
      return ["Place a drawing.", "Click where its middle goes on the sheet."];
  }
}
