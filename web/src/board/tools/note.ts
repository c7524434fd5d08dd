import { NoteToMake } from "../making/NewNote";
import type { ModelPoint } from "../state/view";
import { writing } from "./parts/written";
import type { ToolOf } from "./ToolOf";

export interface NoteTool {
  readonly name: "note";
  readonly at: ModelPoint | null;
}

const fresh: NoteTool = { name: "note", at: null };

/** Words on a drawing, where it was clicked. */
export const note: ToolOf<NoteTool> = {
  name: "note",
  words: "Note or name",
  makes: "note",
  key: "t",
  also: "text words annotate title",
  fresh,
  anywhere: true,
  writes: ({ at }) => at !== null,
  prompt: (_, { at }) => ["Note or name.", at ? "Type the words and press Enter." : "Click where it goes."],
  edit: (state, { at }) => at && writing(state, at, []),
  take: (hands, _, pointer) => hands.set({ tool: { name: "note", at: pointer } }),
  accept: async (hands) => void (await hands.make(fresh)),
  back: (tool) => (tool.at ? fresh : null),
  Facts: NoteToMake,
};
