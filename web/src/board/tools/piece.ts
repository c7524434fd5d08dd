import type { Edit, PieceMake } from "../../api/types";
import { aimed } from "../catch/aim";
import { type BoardState, elementOf, type Making, planShown } from "../state/state";
import { placingAt, sideOfPointer, wallUnderPointer } from "./opening";

/** What is built against a wall, with the words for it. */
export const PIECES = [
  ["lined", "Lining of its own"],
  ["mass", "Pier, breast or boxing"],
  ["niche", "Niche"],
] as const;

/** The piece the pointer means: on the face of the wall under it that it lies beside. */
export function pieceEdit(state: BoardState): Edit | null {
  const wall = wallUnderPointer(state);
  const { piece } = state.making;
  const placing = wall ? placingAt(state, wall, piece.widthMm) : null;
  if (!wall || !placing) return null;
  const storey = elementOf(state, "storey", elementOf(state, "wall", wall)?.storey);
  const whole = piece.kind === "lined" && piece.whole;
  return {
    type: "placePiece",
    wall,
    layer: "layer-walls",
    side: sideOfPointer(state, wall),
    stretch: whole ? { type: "whole" } : { type: "part", placing, widthMm: piece.widthMm },
    lowMm: piece.lowMm,
    heightMm: piece.toHead && storey ? storey.heightMm - piece.lowMm : piece.heightMm,
    make: makeOf(piece),
  };
}

function makeOf(piece: Making["piece"]): PieceMake {
  const { material, depthMm } = piece;
  switch (piece.kind) {
    case "lined":
      return {
        type: "lined",
        plies: [{ material, thicknessMm: depthMm, does: "LINING", framing: { type: "solid" } }],
      };
    case "mass":
      return piece.mass;
    case "niche":
      return { type: "niche", depthMm };
  }
}

/** A post at the pointer or what it caught, square to the drawing. */
export function postEdit(state: BoardState): Edit | null {
  const storey = planShown(state)?.storey;
  const pick = aimed(state);
  if (!storey || !pick) return null;
  const { post } = state.making;
  return { type: "placePost", storey, layer: "layer-walls", at: pick.at, angle: 0, ...post };
}
