import type { BuildUp, SetOut } from "../../api/types";

/** Walls with a weather face are set out along it, partitions along their middle. */
export function usualSetOut(buildUp: BuildUp | undefined): SetOut {
  const weathered = buildUp?.plies.some((p) => p.does === "FACING");
  return weathered ? { type: "onFace", face: 0 } : { type: "middleOfStructure" };
}

/** Where a set-out line may lie, from the outside in, with the words for it. */
export function setOutOptions(buildUp: BuildUp): (readonly [string, string])[] {
  const from = buildUp.plies.findIndex((p) => p.does === "CARRIES");
  const to = buildUp.plies.findLastIndex((p) => p.does === "CARRIES") + 1;
  const options: (readonly [string, string])[] = [["0", "Outer face"]];
  if (from > 0) options.push([String(from), "Outside of structure"]);
  options.push(["middle", "Middle of structure"]);
  if (to < buildUp.plies.length) options.push([String(to), "Inside of structure"]);
  options.push(["inner", "Inner face"]);
  return options;
}

export function setOutKey(setOut: SetOut): string {
  return setOut.type === "onFace" ? String(setOut.face) : setOut.type === "innerFace" ? "inner" : "middle";
}

export function setOutOf(key: string): SetOut {
  if (key === "middle") return { type: "middleOfStructure" };
  if (key === "inner") return { type: "innerFace" };
  return { type: "onFace", face: Number(key) };
}

/** The next place further in, and from the inner face back to the outer. */
export function nextSetOut(buildUp: BuildUp, now: SetOut): SetOut {
  const keys = setOutOptions(buildUp).map(([key]) => key);
  return setOutOf(keys[(keys.indexOf(setOutKey(now)) + 1) % keys.length] ?? "0");
}
