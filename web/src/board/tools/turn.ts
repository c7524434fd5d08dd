import { aimed, angleOf } from "../catch/aim";
import { pointOf } from "../catch/points";
import { TurnFacts } from "../making/Rearranging";
import { type BoardState, bareAngle, typedAngle } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface Turn {
  readonly name: "turn";
  readonly centre: ModelPoint | null;
  readonly from: ModelPoint | null;
}

const fresh: Turn = { name: "turn", centre: null, from: null };

/** What is selected turns about a point: by a typed angle, or from one direction picked to another. */
export const turn: ToolOf<Turn> = {
  name: "turn",
  words: "Turn",
  key: "T",
  also: "rotate angle",
  fresh,
  startsOn: () => fresh,
  aims: true,
  degrees: true,
  prompt: ({ selection }, { centre, from }) => {
    if (selection.length === 0) return ["Turn.", "Click the thing to turn."];
    if (!centre) return ["Turn.", "Pick the point to turn about."];
    return [
      "Turn.",
      from
        ? "Point where it is to lie, or type the angle."
        : "Type the angle in degrees, or pick a point of it.",
    ];
  },
  edit: (state, { centre, from }) => {
    const radians = centre ? turnAngle(state, centre, from) : undefined;
    if (!centre || radians === undefined || state.selection.length === 0) return null;
    return {
      type: "turn",
      elements: [...state.selection],
      centre: [centre.x, centre.y],
      radians,
      copy: state.making.leaves,
    };
  },
  take: async (hands, tool, pointer) => {
    if (hands.state.selection.length === 0) return hands.select(pointer, false);
    const pick = aimed(hands.state, tool.centre ?? undefined);
    if (!tool.centre) {
      if (pick) hands.go({ ...tool, centre: pointOf(pick) });
    } else if (turn.edit(hands.state, tool)) await hands.make(fresh);
    else if (pick) hands.go({ ...tool, from: pointOf(pick) });
  },
  back: (tool) => (tool.from ? { ...tool, from: null } : tool.centre ? fresh : null),
  from: (tool) => tool.centre ?? undefined,
  picked: ({ centre, from }) => [centre, from].filter((p) => p !== null),
  Facts: TurnFacts,
};

function turnAngle(state: BoardState, centre: ModelPoint, from: ModelPoint | null): number | undefined {
  const typed = typedAngle(state) ?? bareAngle(state.entry);
  if (typed !== undefined) return typed;
  const to = from && state.entry.trim() === "" ? aimed(state, centre) : undefined;
  return from && to ? angleOf(centre, pointOf(to)) - angleOf(centre, from) : undefined;
}
