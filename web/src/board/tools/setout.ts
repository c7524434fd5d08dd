import { SetOutChecked } from "../making/SetOutChecked";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface SetOutTool {
  readonly name: "setout";
  /** Where a line was asked about, and how near to it one may lie. */
  readonly asked: (ModelPoint & { readonly reach: number }) | null;
}

/** Pixels: how near a click must come to a line that it asks about. */
const NEAR_PX = 10;

/** Shows what a builder can set out from the plan, and by which numbers. */
export const setout: ToolOf<SetOutTool> = {
  name: "setout",
  words: "Set-out check",
  also: "dimensions missing complete located proof",
  fresh: { name: "setout", asked: null },
  prompt: () => ["Set-out check.", "Click a line to read by which numbers it is found."],
  edit: () => null,
  take: (hands, _, pointer) =>
    hands.go({ name: "setout", asked: { ...pointer, reach: NEAR_PX / hands.state.view.zoom } }),
  back: ({ asked }) => (asked === null ? null : { name: "setout", asked: null }),
  Facts: SetOutChecked,
};
