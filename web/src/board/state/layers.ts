import type { Element } from "../../api/types";
import { type Elements, elementsOf } from "./state";

/** The layer that new elements of a kind are drawn on: the one that takes them, or else the first there is. */
export function layerOf(state: Elements, kind: Element["type"]): string {
  const layers = elementsOf(state, "layer");
  return (layers.find((l) => l.takes.includes(kind)) ?? layers[0])?.id ?? "";
}
