import type { BoardState } from "../state/state";
import { blockBoxes } from "../tools/blockPart";
import { lying } from "../tools/place";
import { line, OCHRE, type On, OXIDE, VERDIGRIS } from "./overlayLines";

/** The drawing in hand over a sheet: how much it takes there, and the lines it has come to. */
export function placing(on: On, state: BoardState): void {
  const there = state.tool.name === "place" && state.pointer ? lying(state, state.tool, state.pointer) : null;
  if (!there) return;
  const { context } = on;
  for (const l of there.lines) {
    const at = on.at("x" in l ? { x: l.x, y: 0 } : { x: 0, y: l.y });
    if ("x" in l) line(on, { x: at.x, y: 0 }, { x: at.x, y: on.size.height }, OCHRE, 0.8);
    else line(on, { x: 0, y: at.y }, { x: on.size.width, y: at.y }, OCHRE, 0.8);
  }
  const a = on.at({ x: there.box.minX, y: there.box.maxY });
  const b = on.at({ x: there.box.maxX, y: there.box.minY });
  context.strokeStyle = there.fault ? OXIDE : VERDIGRIS;
  context.lineWidth = 1.6;
  context.strokeRect(a.x, a.y, b.x - a.x, b.y - a.y);
  context.globalAlpha = 0.08;
  context.fillStyle = context.strokeStyle;
  context.fillRect(a.x, a.y, b.x - a.x, b.y - a.y);
  context.globalAlpha = 1;
}

/** Parts of the title block that are laid out: the one in hand, and where it would come to lie. */
export function layingBlockOut({ context, at }: On, state: BoardState): void {
  if (state.tool.name !== "blockPart") return;
  context.strokeStyle = VERDIGRIS;
  context.lineWidth = 1.6;
  for (const box of blockBoxes(state, state.tool)) {
    const a = at({ x: box.minX, y: box.maxY });
    const b = at({ x: box.maxX, y: box.minY });
    context.strokeRect(a.x, a.y, b.x - a.x, b.y - a.y);
  }
}
