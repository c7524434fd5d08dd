/** The name of a copy of a stock item that no other has. */
export function freeCopyName(name: string, others: readonly { readonly name: string }[]): string {
  const names = new Set(others.map((o) => o.name));
  let free = `${name}, copy`;
  for (let n = 2; names.has(free); n++) free = `${name}, copy ${n}`;
  return free;
}
