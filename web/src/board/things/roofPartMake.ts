import type { RoofPart } from "../../api/types";
import type { Making } from "../state/state";

type Made = Making["roofPart"];

/** What the settings of a light, a chimney or a dormer stand for. */
export function makeOf(made: Made): RoofPart["make"] {
  switch (made.kind) {
    case "LIGHT":
      return { type: "roofLight", frameMm: made.frameMm, standsMm: made.standsMm };
    case "STACK":
      return { type: "stack", aboveMm: made.aboveMm, material: made.material };
    case "DORMER": {
      const { form, pitch, overMm, wallMm, windowWidthMm, windowHeightMm, sillMm, material } = made;
      return { type: "dormer", form, pitch, overMm, wallMm, windowWidthMm, windowHeightMm, sillMm, material };
    }
  }
}

/** The settings that a make came of; what it does not say is as usual. */
export function madeOf({ make, widthMm, lengthMm }: RoofPart, usual: Made): Made {
  const { type, ...said } = make;
  const kind = type === "roofLight" ? "LIGHT" : type === "stack" ? "STACK" : "DORMER";
  return { ...usual, widthMm, lengthMm, ...said, kind };
}

/** What it is called. */
export function nounOf(kind: Made["kind"]): string {
  return kind === "LIGHT" ? "Roof light" : kind === "STACK" ? "Chimney" : "Dormer";
}
