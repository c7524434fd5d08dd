/** What the choices of a lens are called. */

export const FILLS = [
  ["MATERIALS", "Tints and hatches"],
  ["SOLID", "One dark tint"],
  ["NONE", "Nothing"],
] as const;

export const SYMBOLS = [
  ["LEAF", "Leaves, frames, glass"],
  ["PLAIN", "Edges of the opening"],
  ["NONE", "Nothing"],
] as const;

export const MEASURED = [
  ["STRUCTURAL", "Structural openings"],
  ["UNIT", "Units in them"],
] as const;

export const ROOFS = [
  ["OVERHEAD", "Outlines, dashed"],
  ["FROM_ABOVE", "All, seen from above"],
  ["NONE", "Nothing"],
] as const;

/** In elevations. */
export const OPENING_LINES = [
  ["MEET_AT_HINGE", "Meet at the hinge"],
  ["MEET_AT_HANDLE", "Meet at the handle"],
  ["NONE", "None"],
] as const;

export const MARKS = [
  ["BUILD_UPS", "build-ups"],
  ["DOORS", "doors"],
  ["WINDOWS", "windows"],
  ["FITTINGS", "fittings"],
  ["PART_PLANS", "parts and details"],
  ["FACINGS", "courses and boards beyond a cut"],
  ["FOOTINGS", "foundations"],
  ["SPOT_LEVELS", "levels of the ground"],
  ["BOUNDARIES", "boundaries of the plot"],
  ["CEILINGS", "ceilings from below"],
] as const;

export const BEHIND = [
  ["NOTHING", "Nothing"],
  ["STOREY_BELOW", "The storey below"],
  ["STOREY_ABOVE", "The storey above"],
] as const;

export const COLOURS = [
  ["NOWHERE", "Not shown: black"],
  ["ON_BOARD", "On the board, black on paper"],
  ["EVERYWHERE", "On the board and on paper"],
] as const;

/** Heights of capitals. */
export const LETTERS = [
  ["nameMm", "Names of rooms, mm high"],
  ["wordsMm", "Else in labels, mm high"],
  ["markMm", "Marks, mm high"],
] as const;

export const PARTS = [
  ["NUMBER", "number"],
  ["AREA", "area"],
  ["SIZE", "clear size"],
  ["CEILING_HEIGHT", "ceiling height"],
  ["CEILING", "what the ceiling is"],
  ["FINISHES", "finishes"],
] as const;

export const STATES = [
  ["EXISTING", "What stands already"],
  ["REMOVED", "What is to be removed"],
  ["NEW", "What is new"],
] as const;

export const LOOKS = [
  ["FULL", "In full"],
  ["GREY", "Whole and grey"],
  ["DASHED", "Dashed"],
  ["HIDDEN", "Not shown"],
] as const;
