export type Named = ReadonlyMap<string, unknown>;

/** The members of a list by what each is of; null where it is no list, or two are of the same or one says nothing of it. */
export function byName(list: unknown): Named | null {
  if (!Array.isArray(list)) return null;
  const named = new Map<string, unknown>();
  for (const member of list) {
    const name = isRecord(member) ? (member.layer ?? member.drawing ?? member.id) : member;
    if (typeof name !== "string" || named.has(name)) return null;
    named.set(name, member);
  }
  return named;
}

export function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
