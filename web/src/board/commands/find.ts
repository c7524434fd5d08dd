import type { Element } from "../../api/types";
import type { Board } from "../state/context";
import { workingPlan } from "../state/drawings";
import { type BoardState, elementOf, elementsOf } from "../state/state";
import { titleOf } from "../things";
import { COMMANDS } from ".";
import { keysOf, keyWords } from "./keymap";

/** Something that can be found by its words. */
export interface Found {
  readonly id: string;
  readonly words: string;
  /** What kind it is, or where it stands. */
  readonly where: string;
  /** Other words it is looked for by. */
  readonly also: string;
  readonly key?: string;
  readonly does: (board: Board) => void | Promise<void>;
}

/** Everything that can be found now: what can be done first, then things, drawings and sheets. */
export function foundIn(state: BoardState): Found[] {
  return [...commandsIn(state), ...thingsIn(state), ...drawingsIn(state)];
}

/** What answers to all of some words, best first: those that begin with them, then those that hold them. */
export function find(all: readonly Found[], asked: string): Found[] {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return all.filter((f) => f.key !== undefined);
  return all
    .map((found) => ({ found, rank: rankOf(found, words) }))
    .filter(({ rank }) => rank > 0)
    .sort((a, b) => b.rank - a.rank)
    .map(({ found }) => found);
}

/** How well it answers: 0 where a word is not found in it. */
function rankOf({ words, also, where }: Found, asked: readonly string[]): number {
  const own = words.toLowerCase();
  const parts = own.split(/[^\p{L}\p{N}.-]+/u);
  const others = `${also} ${where}`.toLowerCase().split(/[^\p{L}\p{N}.-]+/u);
  let rank = own.startsWith(asked.join(" ")) ? 4 : 0;
  for (const word of asked) {
    if (parts.includes(word)) rank += 3;
    else if (parts.some((p) => p.startsWith(word))) rank += 2;
    else if (word.length > 1 && others.some((p) => p.startsWith(word))) rank += 1;
    else if (own.includes(word)) rank += 0.5;
    else return 0;
  }
  return rank;
}

function commandsIn(state: BoardState): Found[] {
  return COMMANDS.filter((c) => c.name !== "open.find" && (c.when?.(state) ?? true)).map((c) => {
    const [key] = keysOf(c, state.ownKeys);
    return {
      id: c.name,
      words: c.words,
      where: c.group,
      also: c.also ?? "",
      ...(key ? { key: keyWords(key) } : {}),
      does: c.does,
    };
  });
}

function drawingsIn(state: BoardState): Found[] {
  const drawings = elementsOf(state, "drawing").map((d) => ({
    id: d.id,
    words: d.name,
    where: "Drawing",
    also: `open ${d.kind.toLowerCase().replace("_", " ")}`,
    does: ({ sync }: Board) => sync.show({ kind: "drawing", id: d.id }),
  }));
  const sheets = elementsOf(state, "sheet").map((s) => ({
    id: s.id,
    words: `${s.number} ${s.title}`,
    where: "Sheet",
    also: "open",
    does: ({ sync }: Board) => sync.show({ kind: "sheet", id: s.id }),
  }));
  return [...drawings, ...sheets];
}

/** Things that have a name of their own, by their marks. */
function thingsIn(state: BoardState): Found[] {
  const found: Found[] = [];
  for (const element of state.elements.values()) {
    const words = "mark" in element || element.type === "room" ? titleOf(state, element) : undefined;
    if (words === undefined) continue;
    const storey = storeyOf(state, element);
    found.push({
      id: element.id,
      words,
      where: elementsOf(state, "storey").find((s) => s.id === storey)?.name ?? "",
      also: element.type,
      does: (board) => goTo(board, element.id, storey),
    });
  }
  return found;
}

/** The storey a thing stands on, by itself or through the wall it is in. */
function storeyOf(state: BoardState, element: Element): string | undefined {
  if ("storey" in element) return element.storey;
  if ("roof" in element) return elementOf(state, "roof", element.roof)?.storey;
  const host = "wall" in element ? element.wall : "opening" in element ? element.opening : undefined;
  const carrier = host === undefined ? undefined : state.elements.get(host);
  return carrier && storeyOf(state, carrier);
}

/** Opens a plan that the thing is drawn in, selects it and looks at it. */
async function goTo({ sync, actions }: Board, id: string, storey: string | undefined): Promise<void> {
  if (!sync.state.groups.has(id) || sync.state.shown?.kind !== "drawing") {
    const plan = storey === undefined ? undefined : workingPlan(sync.state, storey);
    if (plan) await sync.show({ kind: "drawing", id: plan.id });
  }
  actions.choose("select");
  actions.selection.selectJust([id]);
  sync.views.zoomToSelection();
}
