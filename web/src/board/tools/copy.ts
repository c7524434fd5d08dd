import { CopyFacts } from "../making/Rearranging";
import type { ModelPoint } from "../state/view";
import { shiftFrom, takeFromTo } from "./parts/shift";
import type { ToolOf } from "./ToolOf";

export interface Copy {
  readonly name: "copy";
  readonly from: ModelPoint | null;
}

const fresh: Copy = { name: "copy", from: null };

/** Copies of what is selected, in a row. */
export const copy: ToolOf<Copy> = {
  name: "copy",
  words: "Copies in a row",
  key: "M",
  also: "duplicate repeat",
  fresh,
  startsOn: () => fresh,
  aims: true,
  prompt: ({ selection }, { from }) => {
    if (selection.length === 0) return ["Copies in a row.", "Click the thing to copy."];
    return [
      "Copies in a row.",
      from ? "Point the way and type how far apart, or click." : "Pick a point to copy from.",
    ];
  },
  edit: (state, { from }) => {
    const by = from && shiftFrom(state, from);
    return by && { type: "copies", elements: [...state.selection], by, ...state.making.copies };
  },
  take: (hands, tool, pointer) => takeFromTo(hands, tool, fresh, pointer),
  back: (tool) => (tool.from ? fresh : null),
  from: (tool) => tool.from ?? undefined,
  picked: (tool) => (tool.from ? [tool.from] : []),
  Facts: CopyFacts,
};
