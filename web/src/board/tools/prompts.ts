import { copied } from "../link/clipboard";
import { type BoardState, elementOf, gapPointedAt, measureNow, wallSelected } from "../state/state";
import { moverOf } from "./gap";

type Words = readonly [string, string];

/** What to do next, in one plain sentence. */
export function prompt(state: BoardState): Words {
  return aiming(state) ?? ofTool(state);
}

/** While the next point is found another way, what that asks for. */
function aiming({ aim, tool }: BoardState): Words | null {
  const open = aim.measured.find((m) => m.mm === null);
  if (open) return ["A distance from a point.", `Type how far it is from ${open.words}.`];
  if (aim.measured.length === 1) return ["A distance from a point.", "Catch the second point and press N."];
  if (aim.measured.length === 2)
    return ["Two distances.", "Point to the side that is meant and press Enter."];
  if (aim.base) return [`From ${aim.base.caught.words}.`, "Point the way and type how far, or click."];
  if (aim.across !== null && aim.up !== null) return ["Across and up taken.", "Press Enter or click."];
  if (aim.across !== null) return ["Across taken.", "Catch a point and press Y for its up, or click."];
  if (aim.up !== null) return ["Up taken.", "Catch a point and press X for its across, or click."];
  if (aim.held !== null && tool.name === "run")
    return ["Direction held.", "Type the length, or click a point to come level with it. F lets go."];
  return null;
}

function ofTool(state: BoardState): Words {
  const { tool } = state;
  const selected = state.selection.length > 0;
  switch (tool.name) {
    case "select":
      return selecting(state);
    case "run":
      if (tool.picks.length === 0)
        return ["Run of walls.", "Pick where it starts. A measures from a point, O steps the set-out line."];
      if (tool.picks.length === 1)
        return ["Run of walls.", "Point the way or press an arrow, and type the length, or click."];
      return ["Run of walls.", "Go on, click the start to close, or press Enter to end here."];
    case "rectangle":
      return tool.from
        ? [
            "Rectangle of walls.",
            `Point to the other corner; type ${state.offered?.region.examples[2] ?? "3600 x 2700"}, or click.`,
          ]
        : ["Rectangle of walls.", "Pick a corner: of the footprint, or of the room inside."];
    case "beside":
      return tool.wall
        ? ["Wall beside a wall.", "Point to a side; type the distance, or click. Again for one more."]
        : ["Wall beside a wall.", "Point at the wall to draw another beside."];
    case "reach":
      return tool.wall
        ? [`Run ${markOf(state, tool.wall)} to a wall.`, "Point at the wall it is to reach, or to be cut at."]
        : ["Run to a wall.", "Click the wall near the end that is to go."];
    case "cut":
      return tool.at
        ? ["Split, cut out.", "Enter splits it. Or click, or type how long, to take a stretch out."]
        : ["Split, cut out.", "Click along a wall, or type the distance from its nearer end."];
    case "bend":
      return wallSelected(state)
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
      return ["Door.", `${settingWords(state)} H: hinge.`];
    case "window":
      return ["Window.", settingWords(state)];
    case "storeys":
      return ["Storeys.", "Click one in the strip to work on it; its figures can be changed there."];
    case "floor":
      return ["Floor.", outlineWords(state.making.floor.way, tool.picks.length)];
    case "void":
      return ["Void.", outlineWords(state.making.voidWay, tool.picks.length)];
    case "stair":
      return tool.from
        ? ["Stair.", "Point the way up; type its width, or click."]
        : ["Stair.", "Click where the left end of its first riser goes, as seen going up."];
    case "well":
      if (state.well) return ["Stair in a well.", "Choose one in Facts; click or press Enter to draw it."];
      return tool.from
        ? ["Stair in a well.", "Click the opposite corner of the well."]
        : ["Stair in a well.", "Click the corner of the well that the stair starts in."];
    case "section":
      if (!tool.from) return ["Section line.", "Click where it starts."];
      return tool.to
        ? ["Section line.", "Click the side it looks to."]
        : ["Section line.", "Click where it ends."];
    case "room":
      return ["Room.", "Click inside a closed area to name it."];
    case "limit":
      return ["Room limit.", tool.from ? "Click where it ends." : "Click where it starts, at a wall."];
    case "fitting":
      return [
        "Fitting.",
        "Click where it goes; near a wall it turns its back to it. Type its distance. H mirrors it.",
      ];
    case "move":
      if (!selected) return ["Move.", "Click the thing to move."];
      return [
        "Move.",
        tool.from ? "Point the way and type how far, or click." : "Pick a point to move from.",
      ];
    case "copy":
      if (!selected) return ["Copies in a row.", "Click the thing to copy."];
      return [
        "Copies in a row.",
        tool.from ? "Point the way and type how far apart, or click." : "Pick a point to copy from.",
      ];
    case "turn":
      if (!selected) return ["Turn.", "Click the thing to turn."];
      if (!tool.centre) return ["Turn.", "Pick the point to turn about."];
      return [
        "Turn.",
        tool.from
          ? "Point where it is to lie, or type the angle."
          : "Type the angle in degrees, or pick a point of it.",
      ];
    case "mirror":
      if (!selected) return ["Mirror.", "Click the thing to mirror."];
      return [
        "Mirror.",
        tool.from ? "Pick a second point of the line." : "Pick a point of the line to mirror in.",
      ];
    case "end":
      return ["Wall end.", "Let go where it is to be."];
    case "paste":
      return [
        `Paste ${copied()?.things.length ?? 0}.`,
        "Click where its point goes, or press Enter to put it where it was.",
      ];
    case "measure":
      return tool.points.length === 0
        ? ["Measure.", "Pick a point; three or more measure an area and an angle."]
        : ["Measure.", "Pick the next point. Esc steps back; nothing is left behind."];
    case "scale":
      return tool.points.length < 2
        ? [
            "Scale the picture.",
            `Click the ${tool.points.length === 0 ? "first" : "second"} of two points on it.`,
          ]
        : ["Scale the picture.", "Type how far apart they are, and press Enter."];
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

/** How an outline is picked. */
function outlineWords(way: "SHELL" | "RECTANGLE" | "OUTLINE", picked: number): string {
  if (way === "SHELL") return "Click inside the shell it is to fill.";
  if (way === "RECTANGLE") return picked === 0 ? "Click a corner of it." : "Click the opposite corner.";
  return picked < 3
    ? "Click its corners one after another."
    : "Go on; click the first corner, or press Enter, to close.";
}

/** What pointing, typing and clicking do for an opening. */
function settingWords(state: BoardState): string {
  switch (state.making.setting) {
    case "POINTER":
      return "Point at a wall, type the distance or click. C: next distance.";
    case "STAND_OFF":
      return "Point near a corner of a room and click, or type how far off it.";
    case "IN_LINE":
      return "Point at a wall, across from the opening it is to be in line with, and click.";
    default:
      return "Point at a wall and click; what is typed goes by a distance instead.";
  }
}

/** With one wall selected, which wall a typed length would move. */
function selecting(state: BoardState): Words {
  const pointed = gapPointedAt(state);
  const mover = moverOf(state);
  if (pointed && mover) {
    const rest = mover === pointed.gap.wall ? pointed.gap.other : pointed.gap.wall;
    return [
      `${markOf(state, mover)} moves.`,
      `Type its gap to ${markOf(state, rest)}. N moves ${markOf(state, rest)} instead.`,
    ];
  }
  const measure = state.settingOut?.measures[measureNow(state)];
  if (measure) return ["Select.", `Type to change the distance. ${measure.words}. C takes the next.`];
  return state.selection.length > 0
    ? ["Select.", "Drag to move it, or press M to move it exactly."]
    : ["Select.", "Click a thing, or drag a box."];
}

function markOf(state: BoardState, wall: string): string {
  return elementOf(state, "wall", wall)?.mark ?? "the wall";
}
