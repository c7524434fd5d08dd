import type { Element, ElementOf } from "../../api/types";
import { hasScale } from "./drawings";
import { layerOf } from "./layers";
import { type BoardState, drawingShown, type Elements, elementOf, elementsOf, planShown } from "./state";

export type Lens = ElementOf<"lens">;
export type Shown = Lens["layers"][number]["shown"];

/** How a lens shows a layer at the scales that it shows it at; in full where it does not say. */
export function shownBy(lens: Lens, layer: string): Shown {
  return lens.layers.find((l) => l.layer === layer)?.shown ?? "FULL";
}

/** The scale from which on a lens leaves a layer out, as the number under the line; 0 for none. */
export function hiddenFrom(lens: Lens, layer: string): number {
  return lens.layers.find((l) => l.layer === layer)?.hiddenFrom ?? 0;
}

/** A lens that shows a layer another way. */
export function showing(lens: Lens, layer: string, shown: Shown, from = hiddenFrom(lens, layer)): Lens {
  const others = lens.layers.filter((l) => l.layer !== layer);
  const said = shown !== "FULL" || from > 0;
  return { ...lens, layers: said ? [...others, { layer, shown, hiddenFrom: from }] : others };
}

/** A lens that hides what was hidden for now. */
export function keptHidden(lens: Lens, layers: ReadonlySet<string>): Lens {
  return [...layers].reduce((so, layer) => showing(so, layer, "HIDDEN"), lens);
}

/** The drawings that are seen through a lens; tables of words show nothing of it. */
export function drawingsThrough(state: Elements, lens: string): ElementOf<"drawing">[] {
  return elementsOf(state, "drawing").filter((d) => d.lens === lens && hasScale(d));
}

/** Says which drawings and placed sheets change with a lens. */
export function changing(state: Elements, lens: string): string {
  const drawings = drawingsThrough(state, lens);
  if (drawings.length === 0) return "No drawing is seen through it.";
  const placed = elementsOf(state, "sheet").filter((s) =>
    s.drawings.some((p) => drawings.some((d) => d.id === p.drawing)),
  );
  const sheets = placed.length > 0 ? `, on sheets ${placed.map((s) => s.number).join(", ")}` : "";
  return `Changes ${drawings.map((d) => d.name).join(", ")}${sheets}.`;
}

/** Says that a kind of thing is drawn on a layer that does not show here; null where it does. */
export function unseen(state: BoardState, kind: Element["type"]): string | null {
  const layer = elementOf(state, "layer", layerOf(state, kind));
  const drawing = drawingShown(state);
  const lens = elementOf(state, "lens", drawing?.lens);
  if (!layer || !lens || !drawing) return null;
  const from = hiddenFrom(lens, layer.id);
  if (from > 0 && drawing.scale >= from)
    return `The lens ${lens.name} leaves layer ${layer.name} out from 1:${from} on.`;
  if (state.layersOff.has(layer.id)) return `Layer ${layer.name} is hidden for now.`;
  return shownBy(lens, layer.id) === "HIDDEN" ? `The lens ${lens.name} hides layer ${layer.name}.` : null;
}

/** Whether the lens of the plan shown gives a door, a window or a fitting its mark. */
export function isMarked(state: BoardState, thing: Element | undefined): boolean {
  const marks = elementOf(state, "lens", planShown(state)?.lens)?.marks ?? [];
  if (thing?.type === "fitting") return marks.includes("FITTINGS");
  return thing?.type === "opening" && marks.includes(thing.kind.type === "window" ? "WINDOWS" : "DOORS");
}

/** How many things lie on each layer. */
export function onLayers(state: Elements): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const e of state.elements.values()) {
    const layer = layerIn(e);
    if (layer !== undefined) counts.set(layer, (counts.get(layer) ?? 0) + 1);
  }
  return counts;
}

/** The layer a thing lies on; undefined for what lies on none. */
export function layerIn(element: Element): string | undefined {
  return "layer" in element ? element.layer : undefined;
}
