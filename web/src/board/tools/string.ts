import type { Caught } from "../catch/near";
import { layerOf } from "../state/layers";
import { caughtNow, drawingShown } from "../state/state";
import { stepBack, stepOn } from "./parts/picks";
import type { ToolOf } from "./ToolOf";

export interface StringTool {
  readonly name: "string";
  readonly picks: readonly Caught[];
  readonly undone: readonly Caught[];
}

const fresh: StringTool = { name: "string", picks: [], undone: [] };

/** A dimension string through what was picked, placed where it is clicked clear of things. */
export const string: ToolOf<StringTool> = {
  name: "string",
  words: "Dimension string",
  makes: "dimensionString",
  key: "s",
  also: "measure dimension chain figures",
  fresh,
  anywhere: true,
  holds: true,
  prompt: (_, { picks }) => [
    "Dimension string.",
    picks.length < 2
      ? "Pick faces, edges or corners."
      : "Pick more, or click clear of them to place the line.",
  ],
  edit: (state, { picks }) => {
    const drawing = drawingShown(state);
    if (!drawing || picks.length < 2 || !state.pointer) return null;
    return {
      type: "drawString",
      drawing: drawing.id,
      layer: layerOf(state, "dimensionString"),
      way: { type: "found" },
      at: [state.pointer.x, state.pointer.y],
      holds: picks.map((p) => p.caught.hold),
    };
  },
  take: async (hands, { picks }) => {
    const caught = caughtNow(hands.state);
    if (caught) {
      hands.set({ tool: { name: "string", picks: [...picks, caught], undone: [] } });
      hands.aim();
    } else if (picks.length >= 2) await hands.make(fresh);
    else hands.say("Nothing to hold to here: pick a face, an edge or a corner.");
  },
  back: stepBack,
  on: stepOn,
  picked: ({ picks }) => picks.map((p) => p.at),
};
