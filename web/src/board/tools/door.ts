import { NewDoor } from "../making/NewOpening";
import { openingEdit, settingWords } from "./parts/opening";
import type { ToolOf } from "./ToolOf";

export interface Door {
  readonly name: "door";
}

export const door: ToolOf<Door> = {
  name: "door",
  words: "Door",
  makes: "opening",
  key: "d",
  also: "opening leaf pair sliding folding garage",
  fresh: { name: "door" },
  startsOn: (thing) => (thing.type === "wall" ? { name: "door" } : null),
  along: true,
  prompt: (state) => ["Door.", `${settingWords(state)} H: hinge.`],
  edit: (state) => openingEdit(state, "door"),
  take: async (hands) => void (await hands.make()),
  Facts: NewDoor,
};
