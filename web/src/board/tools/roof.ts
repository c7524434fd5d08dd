import type { DrawFlatRoof, DrawRoof, Pick } from "../../api/types";
import { pointOf } from "../catch/points";
import { layerOf } from "../state/layers";
import { type BoardState, planShown } from "../state/state";
import { NewRoof, underOf } from "../things/RoofFacts";
import { closeOutline, outlineWords, ringOf, takeCorner } from "./parts/outline";
import type { ToolOf } from "./ToolOf";

export interface Roof {
  readonly name: "roof";
  readonly picks: readonly Pick[];
}

const fresh: Roof = { name: "roof", picks: [] };

/** A roof over the shell round the pointer, or over the outline picked. */
export const roof: ToolOf<Roof> = {
  name: "roof",
  words: "Roof over walls",
  makes: "roof",
  also: "hip gable eaves rafter tiles lean-to porch",
  fresh,
  aims: true,
  prompt: (state, { picks }) => [
    "Roof.",
    state.making.roof.way === "SHELL"
      ? state.making.roof.form === "FLAT"
        ? "Click inside the walls it is to cover, near the one its water goes over."
        : "Click inside the walls it is to cover."
      : outlineWords(state.making.roof.way, picks.length),
  ],
  edit: (state, { picks }) => {
    const { way } = state.making.roof;
    if (!state.pointer) return null;
    if (way === "SHELL") return over(state, { type: "overShell", seed: [state.pointer.x, state.pointer.y] });
    const ring = ringOf(state, picks, way === "RECTANGLE");
    return ring && over(state, { type: "overRing", ring });
  },
  take: (hands, tool) => takeCorner(hands, tool, fresh, hands.state.making.roof.way),
  end: (hands, { picks }) => closeOutline(hands, picks, fresh),
  back: (tool) => (tool.picks.length === 0 ? null : { ...tool, picks: tool.picks.slice(0, -1) }),
  from: ({ picks }) => picks.map(pointOf)[picks.length - 1],
  picked: ({ picks }) => picks.map(pointOf),
  line: ({ picks }, pointer) => [...picks.map(pointOf), ...(pointer ? [pointer] : [])],
  Facts: NewRoof,
};

function over(state: BoardState, what: DrawRoof["over"]): DrawRoof | DrawFlatRoof | null {
  const { form, pitch, overhangMm, parapet } = state.making.roof;
  const eaves = { rises: { type: "eaves", pitch }, overhangMm, raisedMm: 0 } as const;
  if (form === "HIPPED") return drawn(state, what, eaves);
  const { upMm, copingMm, fall } = parapet;
  const up = { type: "parapet", upMm, copingMm, fall: { type: "fallsElsewhere" } } as const;
  const roof = drawn(state, what, { rises: up, overhangMm: 0, raisedMm: 0 });
  const drains = { ...eaves, rises: { type: "eaves", pitch: fall } } as const;
  return roof && { type: "drawFlatRoof", roof, drains, at: lowSide(what) };
}

/** By the pointer inside of walls; the side drawn first of an outline. */
function lowSide(over: DrawRoof["over"]): DrawFlatRoof["at"] {
  if (over.type === "overShell") return over.seed;
  const [a, b] = over.ring;
  return a && b ? [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] : [0, 0];
}

function drawn(state: BoardState, what: DrawRoof["over"], usual: DrawRoof["usual"]): DrawRoof | null {
  const storey = planShown(state)?.storey;
  const { buildUp, plateMm, seatMm, trim, ceiling } = state.making.roof;
  if (!storey || !buildUp) return null;
  return {
    type: "drawRoof",
    storey,
    layer: layerOf(state, "roof"),
    buildUp,
    over: what,
    plate: plateMm === null ? { type: "atWallHeads" } : { type: "atHeight", mm: plateMm },
    heel: { type: "seated", mm: seatMm },
    usual,
    own: [],
    trim,
    under: underOf(ceiling),
  };
}
