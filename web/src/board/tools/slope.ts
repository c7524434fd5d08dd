import type { DimensionOf } from "../../api/types";
import { layerOf } from "../state/layers";
import { caughtNow, drawingShown } from "../state/state";
import type { ModelPoint } from "../state/view";
import { stepBack, stepOn } from "./parts/picks";
import type { ToolOf } from "./ToolOf";

type Place = Extract<DimensionOf, { type: "slope" }>["one"];

export interface SlopeTool {
  readonly name: "slope";
  readonly picks: readonly Place[];
  readonly undone: readonly Place[];
}

const fresh: SlopeTool = { name: "slope", picks: [], undone: [] };

/** How steeply it falls between two points: in plans the ground, elsewhere a line from one to the other. */
export const slope: ToolOf<SlopeTool> = {
  name: "slope",
  words: "Slope",
  makes: "dimension",
  also: "fall pitch gradient ramp ground measure",
  fresh,
  anywhere: true,
  holds: true,
  prompt: (_, { picks }) => [
    "Slope.",
    picks.length === 0
      ? "Pick a point."
      : picks.length === 1
        ? "Pick the point it falls to or rises to."
        : "Click where it goes.",
  ],
  edit: (state, { picks: [one, other] }) => {
    const drawing = drawingShown(state);
    if (!drawing || !one || !other || !state.pointer) return null;
    return {
      type: "drawDimension",
      drawing: drawing.id,
      layer: layerOf(state, "dimension"),
      of: { type: "slope", one, other },
      at: [state.pointer.x, state.pointer.y],
    };
  },
  take: async (hands, { picks }, pointer) => {
    if (picks.length === 2) return void (await hands.make(fresh));
    const caught = caughtNow(hands.state);
    const place = caught ? held(caught.at, caught.caught.hold) : held(pointer, null);
    hands.set({ tool: { name: "slope", picks: [...picks, place], undone: [] } });
    hands.aim();
  },
  back: stepBack,
  on: stepOn,
  picked: ({ picks }) => picks.map(({ near: [x, y] }) => ({ x, y })),
};

/** @param hold what is there to hold to; null for the point itself */
function held(at: ModelPoint, hold: Place["hold"] | null): Place {
  const near: Place["near"] = [at.x, at.y];
  return { near, hold: hold ?? { type: "atPoint", at: near } };
}
