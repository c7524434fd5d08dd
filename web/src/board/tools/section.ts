import type { Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { layerOf } from "../state/layers";
import { planShown } from "../state/state";
import { usualLens } from "../state/usual";
import { NewSection } from "../things/SectionFacts";
import { nextPoint } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Section {
  readonly name: "section";
  readonly from: Pick | null;
  readonly to: Pick | null;
}

const fresh: Section = { name: "section", from: null, to: null };

/** A section line through two points picked, looking to the side of the pointer. */
export const section: ToolOf<Section> = {
  name: "section",
  words: "Section line",
  makes: "sectionLine",
  key: "C",
  also: "cut through elevation along a line part courtyard",
  fresh,
  aims: true,
  prompt: (_, { from, to }) => {
    if (!from) return ["Section line.", "Click where it starts."];
    return ["Section line.", to ? "Click the side it looks to." : "Click where it ends."];
  },
  edit: (state, { from, to }) => {
    const drawing = planShown(state);
    if (!drawing || !from || !to || !state.pointer) return null;
    const a = pointOf(from);
    const b = pointOf(to);
    const across = (b.x - a.x) * (state.pointer.y - a.y) - (b.y - a.y) * (state.pointer.x - a.x);
    const { sectionBeyond, sectionDepthMm } = state.making;
    return {
      type: "drawSection",
      called: sectionBeyond === "FACES" ? "Elevation" : "Section",
      storey: drawing.storey,
      layer: layerOf(state, "sectionLine"),
      from: from.at,
      to: to.at,
      looking: across >= 0 ? "LEFT" : "RIGHT",
      depthMm: sectionDepthMm,
      lens: usualLens(state, sectionBeyond === "FACES" ? "elevations" : "sections") ?? drawing.lens,
      scale: drawing.scale,
    };
  },
  take: async (hands, tool) => {
    if (tool.from && tool.to) {
      await hands.make(fresh);
      return;
    }
    const next = nextPoint(hands.state, tool.from ? [tool.from] : []);
    if (next) hands.go(tool.from ? { ...tool, to: next } : { ...tool, from: next });
  },
  back: (tool) => (tool.to ? { ...tool, to: null } : tool.from ? fresh : null),
  from: ({ from }) => (from ? pointOf(from) : undefined),
  picked: ends,
  line: (tool, pointer) => [...ends(tool), ...(tool.from && !tool.to && pointer ? [pointer] : [])],
  Facts: NewSection,
};

function ends({ from, to }: Section) {
  return [from, to].flatMap((p) => (p ? [pointOf(p)] : []));
}
