import type { Dialog, Panel } from "../state/state";
import type { Command } from "./Command";

const GROUP = "Opening";

function opens(dialog: Dialog, words: string, keys: readonly string[], also = ""): Command {
  return {
    name: `open.${dialog}`,
    words,
    group: GROUP,
    keys,
    also,
    does: ({ store }) => store.setState({ dialog }),
  };
}

function shows(panel: Panel, words: string, also: string): Command {
  return {
    name: `show.${panel}`,
    words,
    group: GROUP,
    keys: [],
    also,
    does: ({ store }) => store.setState({ panel, ...(panel === "facts" ? { selection: [] } : {}) }),
  };
}

/** What is opened over the board or beside it. */
export const dialogs: readonly Command[] = [
  opens("find", "Find anything", ["Ctrl k", "/"], "search"),
  opens("keys", "Keys", ["?"], "shortcuts help change"),
  opens("print", "Print", ["Ctrl p"], "pdf paper"),
  opens("plot", "Plot sheets", [], "plotter queue paper send"),
  opens("versions", "Versions", [], "named save history go back"),
  opens("lenses", "Layers and lenses", [], "hide show faint pens marks states"),
  opens(
    "standard",
    "Office standard: save it, or take from another",
    [],
    "export import merge template stock",
  ),
  opens("drawings", "Several drawings at once", [], "plans of every storey through lenses"),
  opens("issues", "Issues of the set", [], "hand out permit tender revision compare transmittal"),
  opens("layOut", "Lay drawings out on sheets", [], "compose set arrange place"),
  opens("stringStyles", "Styles of dimension strings", [], "arrow stroke dot rounding units figures"),
  opens("letterStyles", "Styles of letters in notes", [], "text font height size bold centred"),
  opens("replace", "Find and replace in notes", [], "words text search"),
  opens("clauses", "Library of keyed notes", [], "clauses specification general"),
  opens("materials", "Materials", [], "hatch conductivity stock"),
  opens("stairRules", "Change the rules for stairs", [], "riser going headroom"),
  shows("facts", "Facts of the drawing and the project", "name client address paper units region lens scale"),
  shows("register", "Register of drawings and sheets", "schedules picture to trace from"),
  shows("findings", "Findings", "checks rules clearances"),
];
