import { rectangleOf, ringOf, shownAs } from "../sheets/cropping";
import { elementOf } from "../state/state";
import type { ModelPoint } from "../state/view";
import { closesAt, outlineWords } from "./parts/outline";
import type { Hands, ToolOf } from "./ToolOf";

export interface Crop {
  readonly name: "crop";
  readonly drawing: string;
  /** Whether by corners one after another, not by two opposite ones. */
  readonly outlined: boolean;
  /** The corners picked, on the sheet. */
  readonly picks: readonly ModelPoint[];
}

/** A crop that begins. @param outlined along corners */
export const cropping = (drawing: string, outlined: boolean): Crop => ({
  name: "crop",
  drawing,
  outlined,
  picks: [],
});

/** How much of a drawing stands on the sheet shown, by two corners or an outline. The drawing itself stays whole. */
export const crop: ToolOf<Crop> = {
  name: "crop",
  words: "Crop a drawing",
  leavesPanel: true,
  prompt: (state, { drawing, outlined, picks }) => [
    `Crop ${elementOf(state, "drawing", drawing)?.name ?? "the drawing"}.`,
    picks.length === 0
      ? "Click a corner of what is to stand on the sheet. Esc leaves it as it was."
      : outlineWords(outlined ? "OUTLINE" : "RECTANGLE", picks.length),
  ],
  edit: () => null,
  take: async (hands, tool, pointer) => {
    const [first] = tool.picks;
    if (!first) return hands.go({ ...tool, picks: [pointer] });
    if (!tool.outlined) return shown(hands, tool, [first, pointer]);
    if (tool.picks.length >= 3 && closesAt(hands.state, first, pointer))
      return shown(hands, tool, tool.picks);
    hands.go({ ...tool, picks: [...tool.picks, pointer] });
  },
  end: async (hands, tool) => {
    if (tool.outlined && tool.picks.length >= 3) await shown(hands, tool, tool.picks);
  },
  back: (tool) => (tool.picks.length > 0 ? { ...tool, picks: tool.picks.slice(0, -1) } : null),
  picked: ({ picks }) => picks,
  line: ({ picks, outlined }, pointer) => {
    const [from] = picks;
    if (!from || !pointer) return [];
    if (outlined) return [...picks, pointer];
    return [from, { x: pointer.x, y: from.y }, pointer, { x: from.x, y: pointer.y }, from];
  },
};

/** Shows what lies within some corners; within two, the rectangle between them. */
async function shown(hands: Hands, tool: Crop, corners: readonly ModelPoint[]): Promise<void> {
  const { state } = hands;
  const sheet = elementOf(state, "sheet", state.shown?.id);
  const scale = elementOf(state, "drawing", tool.drawing)?.scale;
  const placed = sheet?.drawings.find((p) => p.drawing === tool.drawing);
  if (!sheet || !placed || !scale) return hands.choose("select");
  const ring = (tool.outlined ? ringOf : rectangleOf)(corners, placed, scale);
  if (!ring) return hands.say("Click further away: that is too small to be a part of it.");
  const broken = placed.crop.type === "part" && placed.crop.broken;
  const cropped = shownAs(sheet, tool.drawing, { type: "part", ring, broken });
  if (!(await hands.revise({ ...cropped, type: "sheet" }))) return;
  hands.choose("select");
  hands.set({ selection: [tool.drawing] });
}
