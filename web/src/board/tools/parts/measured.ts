import type { Edit } from "../../../api/types";
import { type BoardState, measureNow, typedMm } from "../../state/state";

/** The measure last pointed at of the opening or fitting selected, made what is typed. */
export function measureEdit(state: BoardState): Edit | null {
  const mm = typedMm(state);
  const { settingOut } = state;
  const measure = settingOut?.measures[measureNow(state)];
  const thing = settingOut ? state.elements.get(settingOut.thing) : undefined;
  if (mm === undefined || !measure || !thing) return null;
  const placing = { ...measure.placing, type: "off", distanceMm: measure.beyondMm + mm } as const;
  if (thing.type === "opening") return { type: "revise", element: { ...thing, placing } };
  if (thing.type === "fitting" && thing.seat.type === "onWall")
    return { type: "revise", element: { ...thing, seat: { ...thing.seat, placing } } };
  return null;
}
