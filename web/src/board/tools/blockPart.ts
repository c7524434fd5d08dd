import { boxOfPart, dragged, laidBlock, partAt, partIn } from "../sheets/blockParts";
import type { BoardState } from "../state/state";
import type { Box, ModelPoint } from "../state/view";
import type { ToolOf } from "./ToolOf";

export interface BlockPart {
  readonly name: "blockPart";
  /** Which part is in hand; null before one was clicked. */
  readonly part: number | null;
  /** Where it was taken hold of, to be moved or sized. */
  readonly from: ModelPoint | null;
}

/** Parts of the title block moved and sized where they stand on the sheet shown. */
export const blockPart: ToolOf<BlockPart> = {
  name: "blockPart",
  words: "Lay the title block out",
  leavesPanel: true,
  prompt: (_, { part, from }) => [
    "Title block.",
    from
      ? "Click where it goes."
      : part === null
        ? "Click a part of it on the sheet. Esc ends."
        : "Click in the part to move it, at a corner to size it; click another part to take that.",
  ],
  edit: () => null,
  take: async (hands, tool, pointer) => {
    const there = laidBlock(hands.state);
    if (!there) return hands.choose("select");
    if (!tool.from || tool.part === null) {
      const at = partAt(there, pointer);
      if (at === null) return hands.say("Click within the title block.");
      return hands.go({ ...tool, part: at, from: at === tool.part ? pointer : null });
    }
    const part = there.block.parts[tool.part];
    const box = dragged(there, tool.part, tool.from, pointer);
    if (!part || !box) return hands.go({ ...tool, from: null });
    const parts = there.block.parts.map((p) => (p === part ? partIn(there, part, box) : p));
    hands.go({ ...tool, from: null });
    await hands.revise({ ...there.block, parts, type: "titleBlock" });
  },
  back: (tool) => (tool.from ? { ...tool, from: null } : tool.part === null ? null : { ...tool, part: null }),
  picked: ({ from }) => (from ? [from] : []),
};

/** The boxes to show: of the part in hand, and where it would come to lie. */
export function blockBoxes(state: BoardState, { part, from }: BlockPart): readonly Box[] {
  const there = laidBlock(state);
  const chosen = part === null ? undefined : there?.block.parts[part];
  if (!there || !chosen || part === null)
    return there ? there.block.parts.map((p) => boxOfPart(there, p)) : [];
  const to = from && state.pointer && dragged(there, part, from, state.pointer);
  return to ? [boxOfPart(there, chosen), to] : [boxOfPart(there, chosen)];
}
