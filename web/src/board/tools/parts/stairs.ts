import type { DrawStair, Stair, StairShape } from "../../../api/types";
import { layerOf } from "../../state/layers";
import { type BoardState, planShown } from "../../state/state";
import type { ModelPoint } from "../../state/view";

/** The stair that would be drawn from a point. */
export function drawStair(
  state: BoardState,
  at: ModelPoint,
  angle: number,
  widthMm: number,
): DrawStair | null {
  const storey = planShown(state)?.storey;
  const { make, risers, goingMm, above } = state.making.stair;
  if (!storey || !make) return null;
  return {
    type: "drawStair",
    storey,
    layer: layerOf(state, "stair"),
    at: [at.x, at.y],
    angle,
    widthMm,
    shape: shapeOf(state.making.stair, make.newelMm),
    risers: risers === null ? { type: "leastRisers" } : { type: "fixedRisers", count: risers },
    going: goingMm === null ? { type: "goingByRule" } : { type: "fixedGoing", mm: goingMm },
    make,
    above,
  };
}

type Making = BoardState["making"]["stair"];

interface Laid {
  readonly layout: Making["layout"];
  readonly side: Making["side"];
  readonly first: number;
  readonly wellMm: number;
  /** Along the flight that leads to it; 0 for as long as the stair is wide. */
  readonly landingMm: number;
}

/** The shape of a layout that was chosen by name. */
export function shapeOf({ layout, side, first, wellMm, landingMm }: Laid, newelMm: number): StairShape {
  const quarter = { type: "landing", way: "QUARTER", side, lengthMm: 0, wellMm: 0 } as const;
  const winders = { type: "winders", side, pivotMm: newelMm / 2 } as const;
  switch (layout) {
    case "STRAIGHT":
      return { type: "flights", before: [], turns: [] };
    case "AHEAD":
      return {
        type: "flights",
        before: [first],
        turns: [{ ...quarter, way: "AHEAD", lengthMm: landingMm }],
      };
    case "QUARTER":
      return { type: "flights", before: [first], turns: [quarter] };
    case "HALF":
      return {
        type: "flights",
        before: [first],
        turns: [{ ...quarter, way: "HALF", lengthMm: landingMm, wellMm }],
      };
    case "TWO_QUARTERS":
      return { type: "flights", before: [first, 3], turns: [quarter, quarter] };
    case "WINDERS":
      return { type: "flights", before: [first], turns: [winders] };
    case "SPIRAL":
      return { type: "spiral", poleMm: 100, sweep: (3 * Math.PI) / 2, side };
  }
}

/** What a shape is called, and what its fields are. */
export function layoutOf(shape: Stair["shape"]): Making["layout"] {
  if (shape.type === "spiral") return "SPIRAL";
  const [turn] = shape.turns;
  if (!turn) return "STRAIGHT";
  if (turn.type === "winders") return "WINDERS";
  if (turn.way !== "QUARTER") return turn.way;
  return shape.turns.length === 2 ? "TWO_QUARTERS" : "QUARTER";
}
