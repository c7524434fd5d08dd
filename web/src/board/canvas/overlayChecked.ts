import { lineAsked, NOT_FOUND } from "../state/setOutReport";
import type { BoardState } from "../state/state";
import { dot, line, OCHRE, type On, OXIDE, VERDIGRIS } from "./overlayLines";

/** What the set-out check finds: lines that can be found in one ink, those that cannot in another and heavier. */
export function checked(on: On, state: BoardState): void {
  const { tool, setOutReport } = state;
  if (tool.name !== "setout" || !setOutReport) return;
  const asked = lineAsked(state);
  for (const l of setOutReport.lines) {
    const lost = l.step === NOT_FOUND;
    const [ax = 0, ay = 0] = l.from;
    const [bx = 0, by = 0] = l.to;
    const a = on.at({ x: ax, y: ay });
    const b = on.at({ x: bx, y: by });
    const colour = l === asked ? OCHRE : lost ? OXIDE : VERDIGRIS;
    line(on, a, b, colour, l === asked ? 4 : lost ? 3.5 : 2);
    if (a.x === b.x && a.y === b.y) dot(on, a, colour, lost ? 5 : 3.5);
  }
}
