import type { SettingOut } from "../../api/types";
import { type BoardState, measureShown, settingOutNow } from "../state/state";
import type { ScreenPoint } from "../state/view";
import { toolOf } from "../tools";
import { dot, INK, label, line, OCHRE, type On } from "./overlayLines";

/** Distances to the wall's own neighbours; those to other fittings stand on the drawing while typing goes to them. */
const ALWAYS_SHOWN = 4;

/** How far apart the distances to edges and those to the middle are drawn at least. */
const ROWS_PX = 26;

/** How the opening or fitting at hand is set out: the distances to its neighbours, the one typing goes to marked. */
export function setOut(on: On, state: BoardState): void {
  const { tool } = state;
  const shown = tool.name === "select" || toolOf(tool).along ? settingOutNow(state) : null;
  const apart = shown ? rowsApart(on, shown.measures) : { x: 0, y: 0 };
  const at = measureShown(state);
  shown?.measures.forEach((m, i) => {
    const strong = i === at;
    if (i >= ALWAYS_SHOWN && !strong) return;
    const colour = strong ? OCHRE : INK;
    const [a, b] = [m.from, m.to]
      .map(([x, y]) => on.at({ x, y }))
      .map((p) => (i < 2 ? p : shifted(p, apart)));
    if (!a || !b) return;
    line(on, a, b, colour, strong ? 1.6 : 0.8);
    dot(on, a, colour, 2.2);
    dot(on, b, colour, 2.2);
    label(on, m.printed, besideNeighbour(a, b), colour, strong);
  });
}

function shifted(p: ScreenPoint, by: ScreenPoint): ScreenPoint {
  return { x: p.x + by.x, y: p.y + by.y };
}

/** What the second row of distances is shifted by, so that it stands clear of the first. */
function rowsApart(on: On, [edge, , middle]: SettingOut["measures"]): ScreenPoint {
  if (!edge || !middle) return { x: 0, y: 0 };
  const a = on.at({ x: edge.from[0], y: edge.from[1] });
  const b = on.at({ x: middle.from[0], y: middle.from[1] });
  const gap = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const more = Math.max(0, ROWS_PX / gap - 1);
  return { x: (b.x - a.x) * more, y: (b.y - a.y) * more };
}

/** The middle of a distance; past its neighbour where it is too short for its figure. */
function besideNeighbour(a: ScreenPoint, b: ScreenPoint): ScreenPoint {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length > 56 || length === 0) return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  return { x: a.x + ((a.x - b.x) / length) * 28, y: a.y + ((a.y - b.y) / length) * 16 };
}
