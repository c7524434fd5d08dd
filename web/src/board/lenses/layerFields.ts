import type { LayerField } from "../../api/types";

/** A field of a layer's name, and what stands in it. */
export interface Told {
  readonly field: LayerField;
  readonly code: string;
}

const UNUSED = "-";
const FREE = /^[\p{L}\p{N}_-]*$/u;

/** What a name says by its fields, from its start up to the first space; null where it is a free name. */
export function tellsOf(name: string, fields: readonly LayerField[]): readonly Told[] | null {
  const [code = ""] = name.split(" ");
  const told: Told[] = [];
  let at = 0;
  for (const field of fields) {
    const part = code.slice(at, at + field.length);
    if (part === "" && !field.needed) break;
    if (part.length < field.length || !mayStand(part, field)) return null;
    told.push({ field, code: part });
    at += field.length;
  }
  return told.length > 0 && FREE.test(code.slice(at)) ? told : null;
}

function mayStand(part: string, field: LayerField): boolean {
  if (!FREE.test(part)) return false;
  return field.codes.length === 0 || isUnused(part, field) || field.codes.some((c) => c.code === part);
}

function isUnused(part: string, field: LayerField): boolean {
  return !field.needed && part === UNUSED.repeat(field.length);
}

/** What it says in words: "architect, 2110, the element itself". */
export function inWords(told: readonly Told[]): string {
  return told
    .filter((t) => !isUnused(t.code, t.field))
    .map((t) => t.field.codes.find((c) => c.code === t.code)?.words ?? bare(t))
    .filter((words) => words !== "")
    .join(", ");
}

/** What stands in a field without the places that are not used. */
export function bare(told: Told): string {
  return told.code.replace(/-+$/, "");
}

/**
 * A name from what stands in its fields, by their names.
 * @returns null where that is too long for a field, or no letters and figures
 */
export function nameOf(
  codes: Readonly<Record<string, string>>,
  fields: readonly LayerField[],
  own: string,
): string | null {
  const last = fields.findLastIndex((f) => f.needed || (codes[f.name] ?? "") !== "");
  let name = "";
  for (const field of fields.slice(0, last + 1)) {
    const code = (codes[field.name] ?? "").trim();
    if (code.length > field.length || !FREE.test(code)) return null;
    name += code.padEnd(field.length, UNUSED);
  }
  return own.trim() === "" ? name : `${name} ${own.trim()}`;
}
