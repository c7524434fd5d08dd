import { COMMANDS } from ".";
import type { Command, Within } from "./Command";

const KEPT = "lintel.keys";

/** A person's own keys by the names of commands, kept in this browser; all others have their usual ones. */
export type OwnKeys = Readonly<Record<string, string>>;

/** Keys with a meaning that cannot change: they type, accept, step back, point or move on a page. */
const FIXED = /^(Enter|Escape|Tab|Shift|Control|Alt|Meta|AltGraph|CapsLock|Dead| |Arrow.+|[0-9.,'"-])$/;
/** Keys a browser keeps for itself. */
const BROWSERS = /^Ctrl [twnTWN]$|^F(1|3|5|6|7|11|12)$/;

/** How a key is known: as it types, with Ctrl before it where that is held. */
export function keyOf(e: Pick<KeyboardEvent, "key" | "ctrlKey" | "metaKey" | "shiftKey">): string {
  if (!e.ctrlKey && !e.metaKey) return e.key;
  return `Ctrl ${e.shiftKey ? e.key.toUpperCase() : e.key.toLowerCase()}`;
}

const NAMES: Readonly<Record<string, string>> = { Delete: "Del", PageUp: "Page up", PageDown: "Page down" };

/** How a key is written where a command stands. */
export function keyWords(key: string): string {
  const [held, typed] = key.startsWith("Ctrl ") ? ["Ctrl ", key.slice(5)] : ["", key];
  if (typed.length > 1) return held + (NAMES[typed] ?? typed);
  const shift = typed !== typed.toLowerCase() ? "Shift " : "";
  return `${held}${shift}${typed.toUpperCase()}`;
}

export function keysOf(command: Command, own: OwnKeys): readonly string[] {
  const chosen = own[command.name];
  return chosen === undefined ? command.keys : [chosen];
}

/** Whether two commands can be meant at the same time. */
function meet(one: Within | undefined, two: Within | undefined): boolean {
  if (one === undefined || two === undefined || one === two) return true;
  return one !== "selecting" && two !== "selecting";
}

/** The command a key means: one for what is going on goes before one for always. */
export function commandOf(key: string, now: readonly Within[], own: OwnKeys): Command | undefined {
  const found = COMMANDS.filter((c) => keysOf(c, own).includes(key));
  return (
    found.find((c) => c.within === "aiming" && now.includes("aiming")) ??
    found.find((c) => c.within !== undefined && now.includes(c.within)) ??
    found.find((c) => c.within === undefined)
  );
}

/** Why a key cannot be a command's; null where it can. @return the command that has it, where that is why */
export function hindrance(
  key: string,
  command: Command,
  own: OwnKeys,
): { readonly words: string; readonly has: Command | null } | null {
  if (FIXED.test(key))
    return { words: `${keyWords(key)} types, accepts or points: it stays as it is.`, has: null };
  if (BROWSERS.test(key)) return { words: `${keyWords(key)} is the browser's own.`, has: null };
  const has = COMMANDS.find(
    (c) => c !== command && meet(c.within, command.within) && keysOf(c, own).includes(key),
  );
  return has ? { words: `${keyWords(key)} is that of \u201C${has.words}\u201D.`, has } : null;
}

export function keptKeys(): OwnKeys {
  try {
    const kept: unknown = JSON.parse(globalThis.localStorage?.getItem(KEPT) ?? "{}");
    if (typeof kept !== "object" || kept === null) return {};
    return Object.fromEntries(Object.entries(kept).filter(([, key]) => typeof key === "string"));
  } catch {
    return {};
  }
}

export function keepKeys(own: OwnKeys): void {
  localStorage.setItem(KEPT, JSON.stringify(own));
}
