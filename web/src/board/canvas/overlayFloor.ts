import type { BoardState } from "../state/state";
import { toolOf } from "../tools";
import { label, line, OCHRE, type On, OXIDE, VERDIGRIS } from "./overlayLines";

function ringPath({ context, at }: On, ring: readonly (readonly [number, number])[]): void {
  ring.forEach(([x, y], i) => {
    const p = at({ x, y });
    if (i === 0) context.moveTo(p.x, p.y);
    else context.lineTo(p.x, p.y);
  });
  context.closePath();
}

/** The closed areas: those without a name tinted and marked. */
export function areas(on: On, { areas: found, tool, pointer }: BoardState): void {
  if (!found || !toolOf(tool).areas) return;
  const { context } = on;
  for (const area of found.areas) {
    if (area.room !== null) continue;
    context.beginPath();
    for (const ring of area.rings) ringPath(on, ring);
    context.fillStyle = "rgba(138, 90, 6, 0.10)";
    context.fill("evenodd");
    if (!pointer || tool.name === "limit")
      label(on, area.net, on.at({ x: area.at[0], y: area.at[1] }), OCHRE, false);
    else label(on, `no name, ${area.net}`, on.at({ x: area.at[0], y: area.at[1] }), OCHRE, false);
  }
}

/** The floor that fittings need: outlined, and hatched where something stands in it. */
export function clearances(on: On, { clearances: zones }: BoardState): void {
  const { context } = on;
  for (const zone of zones ?? []) {
    const colour = zone.isShort ? OXIDE : VERDIGRIS;
    context.save();
    context.beginPath();
    ringPath(on, zone.ring);
    context.setLineDash([6, 3]);
    context.strokeStyle = colour;
    context.lineWidth = zone.isShort ? 1.6 : 1;
    context.stroke();
    context.setLineDash([]);
    if (zone.isShort) {
      context.clip();
      const box = zone.ring.map(([x, y]) => on.at({ x, y }));
      const left = Math.min(...box.map((p) => p.x));
      const right = Math.max(...box.map((p) => p.x));
      const top = Math.min(...box.map((p) => p.y));
      const bottom = Math.max(...box.map((p) => p.y));
      for (let x = left - (bottom - top); x < right; x += 8)
        line(on, { x, y: bottom }, { x: x + (bottom - top), y: top }, OXIDE, 0.5);
    }
    context.restore();
  }
}
