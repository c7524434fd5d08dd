import { aimed } from "../catch/aim";
import { PostToMake } from "../making/NewPiece";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface Post {
  readonly name: "post";
}

/** A post at the pointer or what it caught, square to the drawing. */
export const post: ToolOf<Post> = {
  name: "post",
  words: "Post",
  makes: "post",
  key: "p",
  also: "column",
  fresh: { name: "post" },
  aims: true,
  prompt: () => ["Post.", "Click where its middle goes."],
  edit: (state) => {
    const storey = planShown(state)?.storey;
    const pick = aimed(state);
    if (!storey || !pick) return null;
    return {
      type: "placePost",
      storey,
      layer: layerOf(state, "post"),
      at: pick.at,
      angle: 0,
      ...state.making.post,
    };
  },
  take: async (hands) => void (await hands.make()),
  Facts: PostToMake,
};
