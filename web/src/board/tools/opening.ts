import type { Edit, OpeningKind, Placing } from "../../api/types";
import { footOn } from "../near";
import { type BoardState, elementOf, faceOf, typedMm } from "../state";

/** The opening the pointer means: in the wall under it, from that wall's nearer end. */
export function openingEdit(state: BoardState, what: "door" | "window"): Edit | null {
  const target = wallUnderPointer(state);
  const facts = state.making[what];
  const placing = target ? placingAt(state, target, facts.widthMm) : null;
  if (!target || !placing) return null;
  return {
    type: "placeOpening",
    wall: target,
    layer: "layer-openings",
    placing,
    widthMm: facts.widthMm,
    heightMm: facts.heightMm,
    sillMm: what === "window" ? state.making.window.sillMm : 0,
    kind: kindOf(state, what, placing.from, target),
  };
}

/** Where in a wall something of a width lies: at the pointer, or at the typed distance from the nearer end. */
export function placingAt(state: BoardState, wall: string, widthMm: number): Placing | null {
  const face = faceOf(state, wall, 0);
  if (!face || !state.pointer) return null;
  const length = Math.hypot(face.to[0] - face.from[0], face.to[1] - face.from[1]);
  const foot = footOn(face.from, face.to, state.pointer);
  const s = Math.hypot(foot.x - face.from[0], foot.y - face.from[1]);
  const from = s <= length / 2 ? "START" : "END";
  const byPointer = Math.round((from === "START" ? s : length - s) - widthMm / 2);
  return { from, distanceMm: typedMm(state) ?? byPointer };
}

function kindOf(
  state: BoardState,
  what: "door" | "window",
  from: "START" | "END",
  wall: string,
): OpeningKind {
  if (what === "window") {
    return { type: "window", lights: state.making.window.lights, setbackMm: state.making.window.setbackMm };
  }
  if (state.making.door.kind === "liftingDoor") return { type: "liftingDoor" };
  const hinge = state.making.flipHinge === (from === "START") ? "END" : "START";
  return { type: "swingDoor", hinge, swing: sideOfPointer(state, wall) };
}

/** The side of a wall on which the pointer lies. */
export function sideOfPointer(state: BoardState, wall: string): "LEFT" | "RIGHT" {
  const outer = faceOf(state, wall, 0);
  const plies = buildUpOf(state, wall)?.plies.length ?? 0;
  const inner = faceOf(state, wall, plies);
  if (!outer || !inner || !state.pointer) return "LEFT";
  const x = (outer.from[0] + inner.from[0]) / 2;
  const y = (outer.from[1] + inner.from[1]) / 2;
  const turn =
    (outer.to[0] - outer.from[0]) * (state.pointer.y - y) -
    (outer.to[1] - outer.from[1]) * (state.pointer.x - x);
  return turn >= 0 ? "LEFT" : "RIGHT";
}

function buildUpOf(state: BoardState, wall: string) {
  return elementOf(state, "buildUp", elementOf(state, "wall", wall)?.buildUp);
}

export function wallUnderPointer(state: BoardState): string | undefined {
  if (!state.pointer) return undefined;
  const reach = 14 / state.view.zoom;
  const isWall = (id: string) => state.elements.get(id)?.type === "wall";
  const direct = state.nearby.elementsAt(state.pointer, reach).find(isWall);
  if (direct) return direct;
  const near = state.nearby.catchesAt(state.pointer, reach).find((c) => c.caught.hold.type === "onFace");
  return near?.caught.hold.type === "onFace" ? near.caught.hold.wall : undefined;
}
