import { answerOf, api } from "../../api/client";
import { aimed } from "../catch/aim";
import { pointOf } from "../catch/points";
import { unitsOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { Hands, ToolOf } from "./ToolOf";

export interface Measure {
  readonly name: "measure";
  readonly points: readonly ModelPoint[];
}

const fresh: Measure = { name: "measure", points: [] };

/** Distances, area and angle of points picked; nothing is left behind. */
export const measure: ToolOf<Measure> = {
  name: "measure",
  words: "Measure",
  key: "q",
  also: "distance area length angle",
  fresh,
  anywhere: true,
  aims: true,
  prompt: (_, { points }) =>
    points.length === 0
      ? ["Measure.", "Pick a point; three or more measure an area and an angle."]
      : ["Measure.", "Pick the next point. Esc steps back; nothing is left behind."],
  edit: () => null,
  take: (hands, tool) => {
    const pick = aimed(hands.state, tool.points[tool.points.length - 1]);
    if (pick) hands.go({ name: "measure", points: [...tool.points, pointOf(pick)] });
    return read(hands);
  },
  back: (tool) => (tool.points.length === 0 ? null : { ...tool, points: tool.points.slice(0, -1) }),
  stepped: read,
  from: ({ points }) => points[points.length - 1],
};

async function read(hands: Hands): Promise<void> {
  const { tool } = hands.state;
  if (tool.name !== "measure" || tool.points.length < 2) return hands.set({ measured: null });
  const points = tool.points.map((p): [number, number] => [p.x, p.y]);
  const units = unitsOf(hands.state);
  const measured = await answerOf(api.POST("/api/v1/measures", { body: { points, units } }));
  if (hands.state.tool === tool) hands.set({ measured });
}
