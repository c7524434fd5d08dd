import type { Picked } from "../../api/types";
import { pickedAt } from "../catch/pointing";
import { KeyedToMake } from "../making/NewKeyed";
import { library } from "../state/clauses";
import { layerOf } from "../state/layers";
import { drawingShown } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface KeyedTool {
  readonly name: "keyed";
  readonly picks: readonly Picked[];
}

const fresh: KeyedTool = { name: "keyed", picks: [] };

/** The number of a keyed note, with a line to what it speaks of; its words stand in their list. */
export const keyed: ToolOf<KeyedTool> = {
  name: "keyed",
  words: "Keyed note",
  makes: "keyMark",
  also: "clause number specification",
  fresh,
  anywhere: true,
  prompt: (_, { picks }) => [
    "Keyed note.",
    picks.length === 0
      ? "Click what it speaks of."
      : "Click where its number goes; Shift-click points at more.",
  ],
  edit: (state, { picks }) => {
    const drawing = drawingShown(state);
    const { keyed: of, note } = state.making;
    const clause = library(state).find((c) => c.id === of.clause) ?? library(state)[0];
    if (!drawing || !clause || picks.length === 0 || !state.pointer) return null;
    return {
      type: "placeKeyMark",
      drawing: drawing.id,
      layer: layerOf(state, "keyMark"),
      at: [state.pointer.x, state.pointer.y],
      clause: clause.id,
      fills: of.clause === clause.id ? [...of.fills] : [],
      shape: note.shape,
      tip: note.tip,
      pointsAt: [...picks],
    };
  },
  take: async (hands, { picks }, pointer, more) => {
    if (library(hands.state).length === 0)
      return hands.say("The library of keyed notes is empty: add a clause to it first.");
    if (picks.length > 0 && !more) return void (await hands.make(fresh));
    hands.set({ tool: { name: "keyed", picks: [...picks, pickedAt(hands.state, pointer)] } });
    hands.aim();
  },
  back: ({ picks }) => (picks.length === 0 ? null : { name: "keyed", picks: picks.slice(0, -1) }),
  picked: ({ picks }) => picks.map(({ at: [x, y] }) => ({ x, y })),
  Facts: KeyedToMake,
};
