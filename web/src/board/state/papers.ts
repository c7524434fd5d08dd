import type { Paper, Sheet } from "../../api/types";
import type { BoardState } from "./state";

/** Paper as it lies: its sides, and the frame within its margins; undefined until the sizes are known. */
export function paperOf({ papers }: Pick<BoardState, "papers">, paper: Sheet["paper"]) {
  const named = papers.find((p) => p.id === paper.size);
  if (!named) return undefined;
  const longMm = paper.ownLongMm || named.longMm;
  const shortMm = paper.ownShortMm || named.shortMm;
  const [width, height] = paper.upright ? [shortMm, longMm] : [longMm, shortMm];
  return { width, height, frame: frameOf(named, paper.upright, width, height) };
}

/** The margins are those of the named size. */
function frameOf(named: Paper, upright: boolean, width: number, height: number) {
  const { minX, minY, maxX, maxY } = upright ? named.upright : named.across;
  const [wide, high] = upright ? [named.shortMm, named.longMm] : [named.longMm, named.shortMm];
  return { minX, minY, maxX: width - (wide - maxX), maxY: height - (high - maxY) };
}

/** How paper is called in choices: its size, or OWN. */
export function paperChosen(paper: Sheet["paper"]): Sheet["paper"]["size"] | "OWN" {
  return paper.ownLongMm > 0 ? "OWN" : paper.size;
}
