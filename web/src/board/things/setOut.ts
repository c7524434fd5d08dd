import type { BuildUp, Ply, SetOut, Side } from "../../api/types";

/** Walls with a weather face are set out along it, partitions along their middle. */
export function usualSetOut(buildUp: BuildUp | undefined): SetOut {
  return isWeathered(buildUp?.plies ?? []) ? { type: "onFace", face: 0 } : { type: "middleOfStructure" };
}

type Plies = Pick<BuildUp, "plies">;

function isWeathered(plies: readonly Ply[]): boolean {
  return plies.some((p) => p.does === "FACING");
}

/** A place a set-out line may lie at. @param key what it is known by in this build-up */
export interface SetOutOption {
  readonly key: string;
  readonly setOut: SetOut;
  readonly words: string;
}

/**
 * Where a set-out line may lie, from one room to the other: any face, or the middle of the structure. A wall with a weather
 * face says so; the sides of a partition are those of the way it is drawn.
 */
export function setOutOptions({ plies }: Plies, outside: Side = "LEFT"): SetOutOption[] {
  const [from, to] = structure(plies);
  const sides = sideWords(plies, outside);
  const options: SetOutOption[] = [{ key: "0", setOut: { type: "onFace", face: 0 }, words: sides.outer }];
  for (let face = 1; face < plies.length; face++) {
    if (face === from)
      options.push({ key: "from", setOut: { type: "outsideOfStructure" }, words: sides.outerStructure });
    else if (face === to)
      options.push({ key: "to", setOut: { type: "insideOfStructure" }, words: sides.innerStructure });
    else if (plies[face - 1]?.thicknessMm !== 0)
      options.push({ key: String(face), setOut: { type: "onFace", face }, words: between(plies, face) });
  }
  options.push({ key: "inner", setOut: { type: "innerFace" }, words: sides.inner });
  const middle: SetOutOption = {
    key: "middle",
    setOut: { type: "middleOfStructure" },
    words: "Middle of structure",
  };
  const after = options.findIndex(
    (o) => setOutDepth({ plies }, o.setOut) > setOutDepth({ plies }, middle.setOut),
  );
  return options.toSpliced(after, 0, middle);
}

function sideWords(plies: readonly Ply[], outside: Side) {
  if (isWeathered(plies))
    return {
      outer: "Weather face",
      outerStructure: "Structure, weather side",
      innerStructure: "Structure, room side",
      inner: "Room face",
    };
  const [one, two] = outside === "LEFT" ? ["left", "right"] : ["right", "left"];
  return {
    outer: `Finished face, ${one}`,
    outerStructure: `Structure, ${one}`,
    innerStructure: `Structure, ${two}`,
    inner: `Finished face, ${two}`,
  };
}

/** What each ply does, in words. */
export const DOES = {
  CARRIES: "carries",
  BOARDS: "boards",
  INSULATES: "insulates",
  AIR_GAP: "air gap",
  FACING: "facing",
  LINING: "lining",
  SHEET: "sheet",
} as const;

const NOUNS: Record<Ply["does"], string> = { ...DOES, CARRIES: "structure", INSULATES: "insulation" };

function between(plies: readonly Ply[], face: number): string {
  const inside = plies.slice(face).find((p) => p.thicknessMm > 0);
  const [a, b] = [plies[face - 1], inside].map((p) => (p ? NOUNS[p.does] : ""));
  return a === b ? `Between two plies of ${a}` : `Between ${a} and ${b}`;
}

/** The first ply that carries, and one past the last. */
function structure(plies: readonly Ply[]): [number, number] {
  const carries = (p: Ply) => p.does === "CARRIES";
  return [plies.findIndex(carries), plies.findLastIndex(carries) + 1];
}

/** How far inside the outer face a set-out line lies on a build-up's picture, in millimetres. */
export function setOutDepth({ plies }: Plies, setOut: SetOut): number {
  const depth = (face: number) => plies.slice(0, face).reduce((sum, p) => sum + p.thicknessMm, 0);
  const [from, to] = structure(plies);
  switch (setOut.type) {
    case "onFace":
      return depth(setOut.face);
    case "innerFace":
      return depth(plies.length);
    case "outsideOfStructure":
      return depth(from);
    case "insideOfStructure":
      return depth(to);
    case "middleOfStructure":
      return (depth(from) + depth(to)) / 2;
    case "offStructure":
      return Math.min(Math.max(depth(from) + setOut.mm, 0), depth(plies.length));
  }
}

/** The option a set-out line lies at in a build-up; undefined where it lies on no face of it. */
export function optionOf(buildUp: Plies, setOut: SetOut): SetOutOption | undefined {
  const options = setOutOptions(buildUp);
  const itself = options.find((o) => JSON.stringify(o.setOut) === JSON.stringify(setOut));
  const at = setOutDepth(buildUp, setOut);
  return itself ?? options.find((o) => Math.abs(setOutDepth(buildUp, o.setOut) - at) < 1e-6);
}

/** The next place further in, and from the inner face back to the outer. */
export function nextSetOut(buildUp: Plies, now: SetOut): SetOut {
  const options = setOutOptions(buildUp);
  const at = options.findIndex((o) => o.key === optionOf(buildUp, now)?.key);
  return options[(at + 1) % options.length]?.setOut ?? now;
}

/** Where walls to draw are set out once they are to be of another build-up: at the place chosen, or at the usual one. */
export function setOutAfterSwap(was: BuildUp | undefined, is: BuildUp | undefined, now: SetOut): SetOut {
  const key = was && optionOf(was, now)?.key;
  if (!is || !was || key === optionOf(was, usualSetOut(was))?.key) return usualSetOut(is);
  return setOutOptions(is).find((o) => o.key === key)?.setOut ?? usualSetOut(is);
}
