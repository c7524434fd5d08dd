import type { Drawing, Edit, Element, Faces, GapAnswer, SetOut } from "../api/types";

/** Edits of what is there already, by what they change. */

/** The edit that changes the facts of one element. */
export function revision(element: Element): Edit {
  return { type: "revise", element };
}

/** The edit that makes walls of another build-up. */
export function remaking(walls: readonly string[], buildUp: string, setOut: SetOut): Edit {
  return { type: "remakeWalls", walls: [...walls], buildUp, setOut };
}

/** The edit that deletes elements. */
export function erasure(elements: readonly string[]): Edit {
  return { type: "delete", elements: [...elements] };
}

/** The edit that changes the facts of several elements. */
export function revisions(elements: readonly Element[]): Edit {
  return { type: "reviseAll", elements: [...elements] };
}

/** The edit that makes one wall of several in line. */
export function joining(walls: readonly string[]): Edit {
  return { type: "joinInLine", walls: [...walls] };
}

/** The edit that hands the whole house in an upright line at x. */
export function handing(x: number): Edit {
  return { type: "hand", about: [x, 0] };
}

/** The edit that keeps a gap as it is; null for one that cannot be kept. */
export function keeping({ gap, clearMm }: GapAnswer, faces: Faces): Edit | null {
  return gap.type === "beside" ? { type: "keepGap", gap, faces, clearMm } : null;
}

/** The edit that adds a drawing to the register. */
export function adding(drawing: Omit<Drawing, "id" | "type" | "sortBy">): Edit {
  return { type: "addDrawing", ...drawing };
}
