import type { DrawStair, Edit, Pick, Stair, StairShape } from "../../api/types";
import { aimed, isSamePlace } from "../catch/aim";
import { fromAxes, toAxes } from "../catch/aiming";
import { pointOf } from "../catch/points";
import { type BoardState, elementsOf, planShown, type Tool, typedMm } from "../state/state";
import type { ModelPoint } from "../state/view";

type Of<N extends Tool["name"]> = Extract<Tool, { name: N }>;
type Ring = [number, number][];

const LAYER = "layer-floors";

/** The point a click would add to an outline, a rectangle or a line. */
export function nextPoint(state: BoardState, picks: readonly Pick[]): Pick | undefined {
  const last = picks[picks.length - 1];
  return aimed(state, last && pointOf(last));
}

/** Whether the next point closes an outline. */
export function closesRing(state: BoardState, picks: readonly Pick[], next: Pick): boolean {
  const first = picks[0];
  return (
    first !== undefined &&
    picks.length >= 3 &&
    isSamePlace(pointOf(next), pointOf(first), 12 / state.view.zoom)
  );
}

/** A ring through what was picked and the pointer; of two picks of a rectangle, its corners. */
function ringOf(state: BoardState, picks: readonly Pick[], rectangle: boolean): Ring | null {
  if (rectangle) {
    const [from] = picks;
    const to = from && aimed(state);
    return from && to ? rectangleRing(pointOf(from), pointOf(to), state.axes) : null;
  }
  const next = nextPoint(state, picks);
  const all = next && !closesRing(state, picks, next) ? [...picks, next] : picks;
  return all.length >= 3 ? all.map((p): [number, number] => [p.at[0], p.at[1]]) : null;
}

export function rectangleRing(from: ModelPoint, to: ModelPoint, axes: number): Ring | null {
  const a = toAxes(from, axes);
  const b = toAxes(to, axes);
  if (Math.abs(a.x - b.x) < 1 || Math.abs(a.y - b.y) < 1) return null;
  const corners = [a, { x: b.x, y: a.y }, b, { x: a.x, y: b.y }].map((p) => fromAxes(p, axes));
  return corners.map((p): [number, number] => [p.x, p.y]);
}

/** A floor inside the shell round the pointer, or of the outline picked. */
export function floorEdit(state: BoardState, tool: Of<"floor">): Edit | null {
  const storey = planShown(state)?.storey;
  const { buildUp, way, edge, stepMm, span, fall } = state.making.floor;
  if (!storey || !state.pointer) return null;
  const facts = { storey, layer: LAYER, buildUp, stepMm, span, fall } as const;
  if (way === "SHELL") {
    const seed: [number, number] = [state.pointer.x, state.pointer.y];
    return { type: "drawFloor", ...facts, outline: { type: "insideShell", seed, edge } };
  }
  const ring = ringOf(state, tool.picks, way === "RECTANGLE");
  return ring && { type: "drawFloor", ...facts, outline: { type: "drawn", ring } };
}

export function voidEdit(state: BoardState, tool: Of<"void">): Edit | null {
  const storey = planShown(state)?.storey;
  const ring = ringOf(state, tool.picks, state.making.voidWay === "RECTANGLE");
  return storey && ring ? { type: "drawVoid", storey, layer: LAYER, ring } : null;
}

/** A stair from the point picked, up the way the pointer shows; what is typed is its width. */
export function stairEdit(state: BoardState, tool: Of<"stair">): Edit | null {
  const { from } = tool;
  if (!from || !state.pointer) return null;
  const free = { ...state, entry: "" };
  const to = aimed(free, pointOf(from));
  const start = pointOf(from);
  if (!to || isSamePlace(pointOf(to), start, 1)) return null;
  const angle = Math.atan2(to.at[1] - start.y, to.at[0] - start.x);
  return drawStair(state, start, angle, typedMm(state) ?? state.making.stair.widthMm);
}

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
    layer: LAYER,
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
}

/** The shape of a layout that was chosen by name. */
export function shapeOf({ layout, side, first, wellMm }: Laid, newelMm: number): StairShape {
  const quarter = { by: "LANDING", side, half: false, wellMm: 0, pivotMm: 0 } as const;
  const winders = { ...quarter, by: "WINDERS", pivotMm: newelMm / 2 } as const;
  switch (layout) {
    case "STRAIGHT":
      return { type: "flights", before: [], turns: [] };
    case "QUARTER":
      return { type: "flights", before: [first], turns: [quarter] };
    case "HALF":
      return { type: "flights", before: [first], turns: [{ ...quarter, half: true, wellMm }] };
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
  if (turn.by === "WINDERS") return "WINDERS";
  if (turn.half) return "HALF";
  return shape.turns.length === 2 ? "TWO_QUARTERS" : "QUARTER";
}

/** The one chosen of the stairs that fit into a rectangle. */
export function wellEdit(state: BoardState): Edit | null {
  const chosen = state.well?.choices[state.well.chosen];
  return chosen ? chosen.edit : null;
}

/** A section line through the two points picked, looking to the side of the pointer. */
export function sectionEdit(state: BoardState, tool: Of<"section">): Edit | null {
  const drawing = planShown(state);
  const { from, to } = tool;
  if (!drawing || !from || !to || !state.pointer) return null;
  const a = pointOf(from);
  const b = pointOf(to);
  const across = (b.x - a.x) * (state.pointer.y - a.y) - (b.y - a.y) * (state.pointer.x - a.x);
  return {
    type: "drawSection",
    storey: drawing.storey,
    layer: "layer-sections",
    from: from.at,
    to: to.at,
    looking: across >= 0 ? "LEFT" : "RIGHT",
    depthMm: state.making.sectionDepthMm,
    lens: drawing.lens,
    scale: drawing.scale,
  };
}

/** The build-ups floors can be made of, in the order of their marks. */
export function floorBuildUps(state: { readonly elements: BoardState["elements"] }) {
  return elementsOf(state, "buildUp")
    .filter((b) => b.use === "FLOOR" || b.use === "GROUND_FLOOR")
    .sort((a, b) => a.mark.localeCompare(b.mark));
}
