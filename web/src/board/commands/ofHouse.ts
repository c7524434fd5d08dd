import { namingMaterials } from "../link/materials";
import { register } from "../state/drawings";
import { elevations, roofPlan } from "../state/revisions";
import type { BoardState } from "../state/state";
import { drawingShown, elementsOf, unitsOf } from "../state/state";
import type { Command } from "./Command";

const isNow = (state: BoardState) => state.version === null && elementsOf(state, "wall").length > 0;

/** Whether what things are faced with is drawn: in elevations, and in sections through a lens that shows it beyond the cut. */
function showsFacings(state: BoardState): boolean {
  const drawing = drawingShown(state);
  const lens = state.elements.get(drawing?.lens ?? "");
  const told = lens?.type === "lens" && lens.marks.includes("FACINGS");
  return drawing?.kind === "ELEVATION" || (drawing?.kind === "SECTION" && told);
}

/** Drawings of the whole house that are made at once. */
export const ofHouse: readonly Command[] = [
  {
    name: "draw.elevations",
    words: "Draw the four elevations",
    group: "Roof",
    keys: [],
    also: "sides faces north south east west front rear",
    when: isNow,
    does: ({ sync }) => {
      const edit = elevations(sync.state, unitsOf(sync.state) === "METRIC" ? 100 : 48);
      if (edit) void sync.edit(edit);
    },
  },
  {
    name: "name.materials",
    words: "Name the materials seen here",
    group: "Roof",
    keys: [],
    also: "facing brick cladding tiles notes leaders key",
    when: (state) => state.version === null && showsFacings(state),
    does: async ({ sync, store }) => {
      const edit = await namingMaterials(sync.state);
      if (edit) await sync.edit(edit);
      else store.setState({ saying: "All materials that this drawing shows are named." });
    },
  },
  {
    name: "draw.roofPlan",
    words: "Draw a roof plan",
    group: "Roof",
    keys: [],
    also: "from above ridges falls",
    when: (state) => isNow(state) && elementsOf(state, "roof").length > 0,
    does: async ({ sync }) => {
      const known = new Set(register(sync.state).map((d) => d.id));
      const edit = roofPlan(sync.state, unitsOf(sync.state) === "METRIC" ? 100 : 96);
      if (!edit || !(await sync.edit(edit))) return;
      const made = register(sync.state).find((d) => !known.has(d.id));
      if (made) await sync.show({ kind: "drawing", id: made.id });
    },
  },
];
