import type { RoofPart } from "../../api/types";
import type { Making } from "../state/state";

type Made = Making["roofPart"];

/** What the settings of a light, a chimney, a dormer, a downpipe or an outlet stand for. */
export function makeOf(made: Made): RoofPart["make"] {
  switch (made.kind) {
    case "LIGHT":
      return { type: "roofLight", frameMm: made.frameMm, standsMm: made.standsMm };
    case "STACK":
      return { type: "stack", aboveMm: made.aboveMm, material: made.material, behind: made.behind };
    case "DOWNPIPE":
      return { type: "downpipe", material: made.material };
    case "OUTLET":
      return { type: "outlet", material: made.material };
    case "DORMER": {
      const { form, pitch, overMm, wallMm, windowWidthMm, windowHeightMm, sillMm, material } = made;
      return { type: "dormer", form, pitch, overMm, wallMm, windowWidthMm, windowHeightMm, sillMm, material };
    }
  }
}

const KINDS = {
  roofLight: "LIGHT",
  stack: "STACK",
  dormer: "DORMER",
  downpipe: "DOWNPIPE",
  outlet: "OUTLET",
} as const;

/** The settings that a make came of; what it does not say is as usual. */
export function madeOf({ make, widthMm, lengthMm }: RoofPart, usual: Made): Made {
  const { type, ...said } = make;
  return { ...usual, widthMm, lengthMm, ...said, kind: KINDS[type] };
}

const NOUNS = {
  LIGHT: "Roof light",
  STACK: "Chimney",
  DORMER: "Dormer",
  DOWNPIPE: "Downpipe",
  OUTLET: "Roof outlet",
} as const;

/** What it is called. */
export function nounOf(kind: Made["kind"]): string {
  return NOUNS[kind];
}

/** What one that stands there is called. */
export function nounOfPart({ make }: RoofPart): string {
  return NOUNS[KINDS[make.type]];
}
