import type { Caught } from "../catch/near";
import { layerOf } from "../state/layers";
import { caughtNow, drawingShown } from "../state/state";
import { stepBack, stepOn } from "./parts/picks";
import type { ToolOf } from "./ToolOf";

export interface AreaTool {
  readonly name: "area";
  readonly picks: readonly Caught[];
  readonly undone: readonly Caught[];
}

const LEAST = 3;

const fresh: AreaTool = { name: "area", picks: [], undone: [] };

/** How much lies within faces that meet, or within corners; its figure is placed where it is clicked clear of things. */
export const area: ToolOf<AreaTool> = {
  name: "area",
  words: "Area",
  makes: "dimension",
  also: "square metres feet surface measure",
  fresh,
  anywhere: true,
  holds: true,
  prompt: (_, { picks }) => [
    "Area.",
    picks.length < LEAST
      ? "Pick the faces round it one after another, or its corners."
      : "Pick more, or click clear of them where its figure goes.",
  ],
  edit: (state, { picks }) => {
    const drawing = drawingShown(state);
    if (!drawing || picks.length < LEAST || !state.pointer) return null;
    return {
      type: "drawDimension",
      drawing: drawing.id,
      layer: layerOf(state, "dimension"),
      of: { type: "surface", round: picks.map((p) => p.caught.hold) },
      at: [state.pointer.x, state.pointer.y],
    };
  },
  take: async (hands, { picks }) => {
    const caught = caughtNow(hands.state);
    if (caught) {
      hands.set({ tool: { name: "area", picks: [...picks, caught], undone: [] } });
      hands.aim();
    } else if (picks.length >= LEAST) await hands.make(fresh);
    else hands.say("Nothing to hold to here: pick a face, an edge or a corner.");
  },
  back: stepBack,
  on: stepOn,
  picked: ({ picks }) => picks.map((p) => p.at),
};
