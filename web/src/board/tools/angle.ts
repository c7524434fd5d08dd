import type { DimensionOf } from "../../api/types";
import type { Caught } from "../catch/near";
import { ArcToMake } from "../making/NewArc";
import { layerOf } from "../state/layers";
import { type BoardState, caughtNow, drawingShown, elementOf } from "../state/state";
import { stepBack, stepOn } from "./parts/picks";
import type { ToolOf } from "./ToolOf";

export interface AngleTool {
  readonly name: "angle";
  readonly picks: readonly Caught[];
  readonly undone: readonly Caught[];
}

const fresh: AngleTool = { name: "angle", picks: [], undone: [] };

/** An angle between two lines, or the radius or length of a curved wall's face, placed where it is clicked. */
export const angle: ToolOf<AngleTool> = {
  name: "angle",
  words: "Angle, radius, arc",
  makes: "dimension",
  also: "degrees curved bow length measure",
  fresh,
  anywhere: true,
  holds: true,
  prompt: (state, { picks }) => [
    "Angle, radius, arc.",
    measured(state, picks)
      ? "Click where it goes."
      : picks.length === 1
        ? "Pick the second line."
        : "Pick a face of a curved wall, or the first of two lines.",
  ],
  edit: (state, { picks }) => {
    const drawing = drawingShown(state);
    const of = measured(state, picks);
    if (!drawing || !of || !state.pointer) return null;
    return {
      type: "drawDimension",
      drawing: drawing.id,
      layer: layerOf(state, "dimension"),
      of,
      at: [state.pointer.x, state.pointer.y],
    };
  },
  take: async (hands, { picks }) => {
    if (measured(hands.state, picks)) return void (await hands.make(fresh));
    const caught = caughtNow(hands.state);
    if (!caught) return hands.say("Nothing to hold to here: pick a face or an edge.");
    hands.set({ tool: { name: "angle", picks: [...picks, caught], undone: [] } });
    hands.aim();
  },
  back: stepBack,
  on: stepOn,
  picked: ({ picks }) => picks.map((p) => p.at),
  Facts: ArcToMake,
};

/** What the picks ask to be measured; undefined while there are too few. */
function measured(state: BoardState, picks: readonly Caught[]): DimensionOf | undefined {
  const [one, other] = picks.map((p) => p.caught.hold);
  if (!one) return undefined;
  if (one.type === "onFace" && elementOf(state, "wall", one.wall)?.bulge !== 0)
    return { type: state.making.arc, face: one };
  return other && { type: "angle", one, other };
}
