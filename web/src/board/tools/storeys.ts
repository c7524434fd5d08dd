import { Storeys } from "../panels/Storeys";
import type { ToolOf } from "./ToolOf";

export interface StoreysTool {
  readonly name: "storeys";
}

/** The heights of the building: worked on in the panel, not on the board. */
export const storeys: ToolOf<StoreysTool> = {
  name: "storeys",
  words: "Storeys",
  key: "Y",
  also: "levels heights floor to floor add storey ground",
  fresh: { name: "storeys" },
  prompt: () => ["Storeys.", "Click one in the strip to work on it; its figures can be changed there."],
  edit: () => null,
  take: () => {},
  Facts: Storeys,
};
