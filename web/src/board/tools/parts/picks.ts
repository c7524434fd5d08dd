/** Picks in a row, with those that were stepped back and can be brought again. */
export interface Picks<P> {
  readonly picks: readonly P[];
  readonly undone: readonly P[];
}

/** Without the last pick; null where there is none. */
export function stepBack<P, T extends Picks<P>>(tool: T): T | null {
  const { picks, undone } = tool;
  return picks.length === 0
    ? null
    : { ...tool, picks: picks.slice(0, -1), undone: [...undone, ...picks.slice(-1)] };
}

/** With the pick back that was taken from it last; null where there is none. */
export function stepOn<P, T extends Picks<P>>(tool: T): T | null {
  const { picks, undone } = tool;
  return undone.length === 0
    ? null
    : { ...tool, picks: [...picks, ...undone.slice(-1)], undone: undone.slice(0, -1) };
}
