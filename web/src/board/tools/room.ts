import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { roomNames } from "../state/usual";
import { NewRoom } from "../things/RoomFacts";
import type { ToolOf } from "./ToolOf";

export interface RoomTool {
  readonly name: "room";
}

/** Names the closed area under the pointer. */
export const room: ToolOf<RoomTool> = {
  name: "room",
  words: "Room",
  makes: "room",
  key: "R",
  also: "name area number finishes space",
  fresh: { name: "room" },
  areas: true,
  prompt: () => ["Room.", "Click inside a closed area to name it."],
  edit: (state) => {
    const { pointer, making } = state;
    const storey = planShown(state)?.storey;
    const { name, use, floor, walls, ceiling } = making.room;
    if (!storey || !pointer) return null;
    const usual = roomNames(state).find(([u]) => u === use)?.[1] ?? "Room";
    return {
      type: "nameRoom",
      storey,
      layer: layerOf(state, "room"),
      at: [pointer.x, pointer.y],
      number: "",
      name: name.trim() === "" ? usual : name,
      use,
      finishes: { floor, walls, ceiling },
    };
  },
  take: async (hands) => void (await hands.make()),
  Facts: NewRoom,
};
