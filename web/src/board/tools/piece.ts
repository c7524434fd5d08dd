import type { PieceMake } from "../../api/types";
import { placingAt, sideOfPointer, wallUnderPointer } from "../catch/onWall";
import { PieceToMake } from "../making/NewPiece";
import { layerOf } from "../state/layers";
import { elementOf, type Making } from "../state/state";
import type { ToolOf } from "./ToolOf";

export interface Piece {
  readonly name: "piece";
}

/** A lining, pier or niche on the face of the wall under the pointer that it lies beside. */
export const piece: ToolOf<Piece> = {
  name: "piece",
  words: "Lining, pier, niche",
  makes: "wallPiece",
  key: "l",
  also: "tiles breast boxing nib",
  fresh: { name: "piece" },
  prompt: () => [
    "Lining, pier, niche.",
    "Point at a face of a wall and type the distance from its end, or click.",
  ],
  edit: (state) => {
    const wall = wallUnderPointer(state);
    const making = state.making.piece;
    const placing = wall ? placingAt(state, wall, making.widthMm) : null;
    if (!wall || !placing) return null;
    const storey = elementOf(state, "storey", elementOf(state, "wall", wall)?.storey);
    const whole = making.kind === "lined" && making.whole;
    return {
      type: "placePiece",
      wall,
      layer: layerOf(state, "wallPiece"),
      side: sideOfPointer(state, wall),
      stretch: whole ? { type: "whole" } : { type: "part", placing, widthMm: making.widthMm },
      lowMm: making.lowMm,
      heightMm: making.toHead && storey ? storey.heightMm - making.lowMm : making.heightMm,
      make: makeOf(making),
    };
  },
  take: async (hands) => void (await hands.make()),
  Facts: PieceToMake,
};

function makeOf({ kind, material, depthMm, mass }: Making["piece"]): PieceMake {
  switch (kind) {
    case "lined":
      return {
        type: "lined",
        plies: [{ material, thicknessMm: depthMm, does: "LINING", framing: { type: "solid" } }],
      };
    case "mass":
      return mass;
    case "niche":
      return { type: "niche", depthMm };
  }
}
