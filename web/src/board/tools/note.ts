import { NoteToMake } from "../making/NewNote";
import { layerOf } from "../state/layers";
import { drawingShown } from "../state/state";
import type { ModelPoint } from "../state/view";
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
  prompt: (_, { at }) => ["Note or name.", at ? "Type the words and press Enter." : "Click where it goes."],
  edit: (state, { at }) => {
    const drawing = drawingShown(state);
    if (!drawing || !at || state.entry.trim() === "") return null;
    return {
      type: "placeNote",
      drawing: drawing.id,
      layer: layerOf(state, "note"),
      at: [at.x, at.y],
      text: state.entry.replaceAll("\\n", "\n"),
      style: state.making.note,
    };
  },
  take: (hands, _, pointer) => hands.set({ tool: { name: "note", at: pointer } }),
  accept: async (hands) => void (await hands.make(fresh)),
  back: (tool) => (tool.at ? fresh : null),
  Facts: NoteToMake,
};
