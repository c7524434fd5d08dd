import type { Element, Picked } from "../../api/types";
import type { BoardState } from "../state/state";
import type { ModelPoint } from "../state/view";

const PICK_PX = 6;

/** What is written or drawn about things, and is none itself. */
const NO_THINGS: ReadonlySet<Element["type"]> = new Set([
  "note",
  "keyMark",
  "dimensionString",
  "blank",
  "cloud",
  "sectionLine",
  "gridLine",
  "boundaryLine",
  "sign",
  "roomLimit",
  "constructionLine",
  "tracing",
  "drawing",
  "corner",
]);

/** What a leader points at that ends at a point: the smallest thing shown there, or the place alone. */
export function pickedAt(state: BoardState, { x, y }: ModelPoint): Picked {
  const at: [number, number] = [x, y];
  const found = state.nearby.elementsAt({ x, y }, PICK_PX / state.view.zoom).find((id) => {
    const element = state.elements.get(id);
    const off = state.layersOff.has(state.groups.get(id)?.layer ?? "") || state.hidden.has(id);
    return element && !off && !NO_THINGS.has(element.type);
  });
  return found ? { type: "thing", thing: found, at } : { type: "place", at };
}
