import type { Light, Lights } from "../../api/types";

/** Which light of a window: its row from the bottom up, and its place from the left, as seen from outside. */
export interface At {
  readonly row: number;
  readonly place: number;
}

/** A transom's usual distance from the top of a unit. */
const OVER_MM = 400;

/** From the bottom up. */
export function rowsOf(lights: Lights): readonly (readonly Light[])[] {
  return lights.over.type === "toplights" ? [lights.row, lights.over.row] : [lights.row];
}

/** A light that is there: the one meant, or the last of its row. */
export function placeIn(lights: Lights, at: At): At {
  const rows = rowsOf(lights);
  const row = Math.min(at.row, rows.length - 1);
  return { row, place: Math.min(at.place, (rows[row]?.length ?? 1) - 1) };
}

/** So many lights: those there are, from the left on, and others like the last. */
export function counted(row: readonly Light[], count: number): Light[] {
  const last = row.at(-1) ?? { opens: "FIXED", side: "LEFT", part: 1 };
  return Array.from({ length: count }, (_, i) => row[i] ?? last);
}

/** With so many over the others; none takes the transom away. */
export function withToplights(lights: Lights, count: number): Lights {
  if (count === 0) return { ...lights, over: { type: "nothingOver" } };
  const { over } = lights;
  const [row, heightMm] = over.type === "toplights" ? [over.row, over.heightMm] : [[], OVER_MM];
  return { ...lights, over: { type: "toplights", row: counted(row, count), heightMm } };
}

/** With the transom at another distance from the top. */
export function withTransom(lights: Lights, heightMm: number): Lights {
  return lights.over.type === "toplights" ? { ...lights, over: { ...lights.over, heightMm } } : lights;
}

/** With all of them opening alike, each at its own side. */
export function allOpening(lights: Lights, opens: Light["opens"]): Lights {
  const changed = (row: readonly Light[]) => row.map((light) => ({ ...light, opens }));
  const { over } = lights;
  return {
    ...lights,
    row: changed(lights.row),
    over: over.type === "toplights" ? { ...over, row: changed(over.row) } : over,
  };
}

/** With one of them changed. */
export function withLight(lights: Lights, at: At, change: Partial<Light>): Lights {
  const changed = (row: readonly Light[]) =>
    row.map((light, i) => (i === at.place ? { ...light, ...change } : light));
  if (at.row === 0) return { ...lights, row: changed(lights.row) };
  return lights.over.type === "toplights"
    ? { ...lights, over: { ...lights.over, row: changed(lights.over.row) } }
    : lights;
}

export function hangsAtSide(light: Light): boolean {
  return light.opens === "SIDE_HUNG" || light.opens === "TILT_AND_TURN";
}

export function isHung(light: Light): boolean {
  return hangsAtSide(light) || light.opens === "TOP_HUNG" || light.opens === "BOTTOM_HUNG";
}
