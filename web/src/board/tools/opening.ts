import type { Edit, OpeningKind } from "../../api/types";
import { footOn } from "../near";
import { type BoardState, elementOf, faceOf, typedMm } from "../state";

/** The opening the pointer means: in the wall under it, from that wall's nearer end. */
export function openingEdit(state: BoardState, what: "door" | "window"): Edit | null {
  const target = wallUnderPointer(state);
  if (!target || !state.pointer) return null;
  const face = faceOf(state, target, 0);
  if (!face) return null;
  const length = Math.hypot(face.to[0] - face.from[0], face.to[1] - face.from[1]);
  const foot = footOn(face.from, face.to, state.pointer);
  const s = Math.hypot(foot.x - face.from[0], foot.y - face.from[1]);
  const from = s <= length / 2 ? "START" : "END";
  const facts = state.making[what];
  const byPointer = Math.round((from === "START" ? s : length - s) - facts.widthMm / 2);
  const distanceMm = typedMm(state) ?? byPointer;
  return {
    type: "placeOpening",
    wall: target,
    layer: "layer-openings",
    placing: { from, distanceMm },
    widthMm: facts.widthMm,
    heightMm: facts.heightMm,
    sillMm: what === "window" ? state.making.window.sillMm : 0,
    kind: kindOf(state, what, from, target),
  };
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

function sideOfPointer(state: BoardState, wall: string): "LEFT" | "RIGHT" {
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

function wallUnderPointer(state: BoardState): string | undefined {
  if (!state.pointer) return undefined;
  const reach = 14 / state.view.zoom;
  const isWall = (id: string) => state.elements.get(id)?.type === "wall";
  const direct = state.nearby.elementsAt(state.pointer, reach).find(isWall);
  if (direct) return direct;
  const near = state.nearby.catchesAt(state.pointer, reach).find((c) => c.caught.hold.type === "onFace");
  return near?.caught.hold.type === "onFace" ? near.caught.hold.wall : undefined;
}
