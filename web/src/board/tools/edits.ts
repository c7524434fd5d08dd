import type { Edit } from "../../api/types";
import type { BoardState } from "../state/state";
import { noteEdit, stringEdit } from "./annotate";
import { bendEdit } from "./bend";
import { gapEdit } from "./gap";
import { floorEdit, sectionEdit, stairEdit, voidEdit, wellEdit } from "./heights";
import { openingEdit } from "./opening";
import { pieceEdit, postEdit } from "./piece";
import { copyEdit, mirrorEdit, moveEdit, pasteEdit, scaleEdit, turnEdit } from "./rearrange";
import { fittingEdit, limitEdit, measureEdit, roomEdit } from "./rooms";
import { besideEdit, cutEdit, endEdit, reachEdit, rectangleEdit, runEdit } from "./walls";

/** What the active tool would do now: the edit to preview, and to make on the next click or Enter. */
export function editMeant(state: BoardState): Edit | null {
  const { tool } = state;
  switch (tool.name) {
    case "select":
      return gapEdit(state) ?? measureEdit(state);
    case "run":
      return runEdit(state, tool);
    case "rectangle":
      return rectangleEdit(state, tool.from);
    case "beside":
      return besideEdit(state, tool.wall);
    case "reach":
      return tool.wall ? reachEdit(state, tool.wall, tool.end) : null;
    case "cut":
      return cutEdit(state, tool);
    case "end":
      return endEdit(state, tool.wall, tool.end);
    case "door":
    case "window":
      return openingEdit(state, tool.name);
    case "floor":
      return floorEdit(state, tool);
    case "void":
      return voidEdit(state, tool);
    case "stair":
      return stairEdit(state, tool);
    case "well":
      return wellEdit(state);
    case "section":
      return sectionEdit(state, tool);
    case "room":
      return roomEdit(state);
    case "limit":
      return limitEdit(state, tool.from);
    case "fitting":
      return fittingEdit(state);
    case "bend":
      return bendEdit(state);
    case "piece":
      return pieceEdit(state);
    case "post":
      return postEdit(state);
    case "move":
      return tool.from ? moveEdit(state, tool.from) : null;
    case "copy":
      return tool.from ? copyEdit(state, tool.from) : null;
    case "turn":
      return turnEdit(state, tool);
    case "mirror":
      return tool.from ? mirrorEdit(state, tool.from) : null;
    case "paste":
      return pasteEdit(state);
    case "scale":
      return scaleEdit(state, tool);
    case "string":
      return stringEdit(state, tool.picks);
    case "note":
      return tool.at ? noteEdit(state, tool.at) : null;
    case "storeys":
    case "measure":
    case "place":
      return null;
  }
}
