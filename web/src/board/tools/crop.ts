import type { Sheet } from "../../api/types";
import { rectangleOf, shownAs } from "../sheets/cropping";
import { elementOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface Crop {
  readonly name: "crop";
  readonly drawing: string;
  /** The corner picked first, on the sheet. */
  readonly from: ModelPoint | null;
}

/** How much of a drawing stands on the sheet shown, by two corners. The drawing itself stays whole. */
export const crop: ToolOf<Crop> = {
  name: "crop",
  words: "Crop a drawing",
  leavesPanel: true,
  prompt: (state, { drawing, from }) => [
    `Crop ${elementOf(state, "drawing", drawing)?.name ?? "the drawing"}.`,
    from
      ? "Click the opposite corner."
      : "Click a corner of what is to stand on the sheet. Esc leaves it as it was.",
  ],
  edit: () => null,
  take: async (hands, tool, pointer) => {
    if (!tool.from) return hands.go({ ...tool, from: pointer });
    const { state } = hands;
    const sheet = elementOf(state, "sheet", state.shown?.id);
    const scale = elementOf(state, "drawing", tool.drawing)?.scale;
    const placed = sheet?.drawings.find((p) => p.drawing === tool.drawing);
    if (!sheet || !placed || !scale) return hands.choose("select");
    const ring = rectangleOf(tool.from, pointer, placed, scale);
    if (!ring) return hands.say("Click further away: that is too small to be a part of it.");
    const broken = placed.crop.type === "part" && placed.crop.broken;
    const cropped: Sheet = shownAs(sheet, tool.drawing, { type: "part", ring, broken });
    if (!(await hands.revise({ ...cropped, type: "sheet" }))) return;
    hands.choose("select");
    hands.set({ selection: [tool.drawing] });
  },
  back: (tool) => (tool.from ? { ...tool, from: null } : null),
  picked: ({ from }) => (from ? [from] : []),
  line: ({ from }, pointer) =>
    from && pointer ? [from, { x: pointer.x, y: from.y }, pointer, { x: from.x, y: pointer.y }, from] : [],
};
