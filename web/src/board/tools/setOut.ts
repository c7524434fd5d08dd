import type { BuildUp, SetOut } from "../../api/types";

/** Walls with a weather face are set out along it, partitions along their middle. */
export function usualSetOut(buildUp: BuildUp | undefined): SetOut {
  const weathered = buildUp?.plies.some((p) => p.does === "FACING");
  return weathered ? { type: "onFace", face: 0 } : { type: "middleOfStructure" };
}

type Plies = Pick<BuildUp, "plies">;

/** Where a set-out line may lie, from the outside in, with the words for it: any face, or the structure's middle. */
export function setOutOptions({ plies }: Plies): (readonly [string, string])[] {
  const [from, to] = structure(plies);
  const options: (readonly [string, string])[] = [];
  for (let face = 0; face < plies.length; face++) {
    if (plies[face - 1]?.thicknessMm === 0 && face !== from) continue;
    options.push([String(face), wordsOf(face, from, to)]);
    if (face === from) options.push(["middle", "Middle of structure"]);
  }
  return [...options, ["inner", "Inner face"]];
}

function wordsOf(face: number, from: number, to: number): string {
  if (face === 0) return "Outer face";
  if (face === from) return "Outside of structure";
  if (face === to) return "Inside of structure";
  return `Between plies ${face} and ${face + 1}`;
}

/** The first ply that carries, and one past the last. */
function structure(plies: BuildUp["plies"]): [number, number] {
  const carries = (p: BuildUp["plies"][number]) => p.does === "CARRIES";
  return [plies.findIndex(carries), plies.findLastIndex(carries) + 1];
}

/** How far inside the outer face a set-out line lies on a build-up's picture, in millimetres. */
export function setOutDepth({ plies }: Plies, setOut: SetOut): number {
  const depth = (face: number) => plies.slice(0, face).reduce((sum, p) => sum + p.thicknessMm, 0);
  if (setOut.type === "onFace") return depth(setOut.face);
  if (setOut.type === "innerFace") return depth(plies.length);
  const [from, to] = structure(plies);
  return (depth(from) + depth(to)) / 2;
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
