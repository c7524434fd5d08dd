import type { BoardState, Making } from "./state";
import type { BoardStore } from "./store";

/** What a person's tools make in a project is kept in the browser, and is there again after a reload. */
const keyOf = (project: string) => `lintel.making.${project}`;

export function keepMaking(store: BoardStore): () => void {
  return store.subscribe((now, before) => {
    if (now.making !== before.making && now.loaded)
      localStorage.setItem(keyOf(now.project), JSON.stringify(now.making));
  });
}

/** What was kept, as far as it is still understood and what it names is still there. */
export function makingKept({ project, making, elements }: BoardState): Making {
  const kept: unknown = parsed(localStorage.getItem(keyOf(project)));
  return understood(making, kept, (id) => elements.has(id)) as Making;
}

function parsed(text: string | null): unknown {
  try {
    return text === null ? undefined : JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Member by member, where the kept one is of the usual one's kind; ids of elements only while they exist. */
function understood(usual: unknown, kept: unknown, exists: (id: string) => boolean): unknown {
  if (kept === undefined) return usual;
  if (isRecord(usual) && isRecord(kept)) {
    if (usual.type !== kept.type) return kept;
    return Object.fromEntries(Object.keys(usual).map((k) => [k, understood(usual[k], kept[k], exists)]));
  }
  if (typeof usual === "string" && typeof kept === "string")
    return exists(usual) && !exists(kept) ? usual : kept;
  return isRecord(usual) || (usual !== null && kept !== null && typeof usual !== typeof kept) ? usual : kept;
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
