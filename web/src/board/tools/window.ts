import { NewWindow } from "../making/NewOpening";
import { openingEdit, settingWords } from "./parts/opening";
import type { ToolOf } from "./ToolOf";

export interface Window {
  readonly name: "window";
}

export const window: ToolOf<Window> = {
  name: "window",
  words: "Window",
  makes: "opening",
  key: "g",
  also: "opening bay corner glazing light",
  fresh: { name: "window" },
  startsOn: (thing) => (thing.type === "wall" ? { name: "window" } : null),
  along: true,
  prompt: (state) => ["Window.", settingWords(state)],
  edit: (state) => openingEdit(state, "window"),
  take: async (hands) => void (await hands.make()),
  Facts: NewWindow,
};
