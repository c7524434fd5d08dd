import { answerOf, api, sentenceOf } from "../../api/client";
import type { Pick } from "../../api/types";
import { aimed } from "../catch/aim";
import { pointOf } from "../catch/points";
import { NewStair } from "../making/NewStair";
import { drawStair } from "./parts/stairs";
import type { Hands, ToolOf } from "./ToolOf";

export interface WellTool {
  readonly name: "well";
  readonly from: Pick | null;
}

const fresh: WellTool = { name: "well", from: null };

/** Two corners of a well, then one of the stairs that fit between them. */
export const well: ToolOf<WellTool> = {
  name: "well",
  words: "Stair in a well",
  makes: "stair",
  key: "W",
  also: "fit stairwell flight",
  fresh,
  aims: true,
  prompt: (state, { from }) => {
    if (state.well) return ["Stair in a well.", "Choose one in Facts; click or press Enter to draw it."];
    return from
      ? ["Stair in a well.", "Click the opposite corner of the well."]
      : ["Stair in a well.", "Click the corner of the well that the stair starts in."];
  },
  edit: (state) => state.well?.choices[state.well.chosen]?.edit ?? null,
  take: pick,
  end: pick,
  back: (tool) => (tool.from ? fresh : null),
  from: ({ from }) => (from ? pointOf(from) : undefined),
  picked: ({ from }) => (from ? [pointOf(from)] : []),
  Facts: NewStair,
};

async function pick(hands: Hands, tool: WellTool): Promise<void> {
  if (hands.state.well) {
    await hands.make(fresh);
    return;
  }
  const corner = aimed(hands.state);
  if (!corner) return;
  if (tool.from) await offerFits(hands, tool.from.at, corner.at);
  else hands.go({ name: "well", from: corner });
}

/** Asks which stairs fit, and offers the best of them. */
async function offerFits(hands: Hands, corner: [number, number], opposite: [number, number]): Promise<void> {
  const { project, axes, making, tool } = hands.state;
  const like = drawStair(hands.state, { x: corner[0], y: corner[1] }, 0, making.stair.widthMm);
  if (!like) return;
  try {
    const choices = await answerOf(
      api.POST("/api/v1/projects/{project}/stairs/fitting", {
        params: { path: { project } },
        body: { like, corner, opposite, angle: axes },
      }),
    );
    if (hands.state.tool !== tool) return;
    const first = choices.findIndex((c) => c.fits);
    hands.set({ well: { choices, chosen: Math.max(0, first) } });
    hands.aim();
  } catch (error) {
    hands.say(sentenceOf(error));
  }
}
