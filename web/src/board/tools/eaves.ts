import { drawingShown, elementOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface Eaves {
  readonly name: "eaves";
  /** The roof whose eaves is in hand, and where it was taken hold of. */
  readonly roof: string | null;
  readonly from: ModelPoint | null;
}

const fresh: Eaves = { name: "eaves", roof: null, from: null };

/** An eaves or a verge taken further out or in, where a section or an elevation shows it. */
export const eaves: ToolOf<Eaves> = {
  name: "eaves",
  words: "Drag an eaves",
  also: "overhang verge roof edge elevation",
  fresh,
  anywhere: true,
  prompt: (state, { from }) => [
    "Eaves.",
    from
      ? (state.preview?.refusal ?? "Click where it goes: out and in, or down and up where it runs along.")
      : "Click an eaves or a verge in an elevation or a section.",
  ],
  edit: (state, { roof, from }) => {
    const drawing = drawingShown(state);
    if (!roof || !from || !drawing || !state.pointer) return null;
    return {
      type: "dragEaves",
      drawing: drawing.id,
      roof,
      from: [from.x, from.y],
      to: [state.pointer.x, state.pointer.y],
    };
  },
  take: async (hands, tool, pointer) => {
    if (tool.from) return void (await hands.make(fresh));
    hands.select(pointer, false);
    const roof = elementOf(hands.state, "roof", hands.state.selection[0]);
    if (!roof) return hands.say("Click an eaves or a verge of a roof, in an elevation or a section.");
    hands.go({ name: "eaves", roof: roof.id, from: pointer });
  },
  back: (tool) => (tool.from ? fresh : null),
  picked: ({ from }) => (from ? [from] : []),
};
