import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import type { Edit, Element } from "../src/api/types";
import { Actions } from "../src/board/hands/actions";
import type { Sync } from "../src/board/link/sync";
import { type Board, BoardContext } from "../src/board/state/context";
import type { BoardState } from "../src/board/state/state";
import { boardStore } from "./board";

globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

/** A board whose server takes everything and remembers it. */
export function boardOf(change: Partial<BoardState> = {}) {
  const revised: Element[] = [];
  const edits: Edit[] = [];
  const remade: (readonly [readonly string[], string])[] = [];
  const shown: unknown[] = [];
  const previewed: (Edit | null)[] = [];
  const store = boardStore(change);
  const sync = {
    get state() {
      return store.getState();
    },
    previews: { show: (edit: Edit | null) => previewed.push(edit) },
    views: { zoomToSelection: () => {} },
    gaps: { read: () => Promise.resolve() },
    revise: (element: Element) => Promise.resolve(revised.push(element) > 0),
    edit: (edit: Edit) => Promise.resolve(edits.push(edit) > 0),
    remake: (walls: readonly string[], buildUp: string) => Promise.resolve(remade.push([walls, buildUp]) > 0),
    show: (what: unknown) => Promise.resolve(void shown.push(what)),
  } as unknown as Sync;
  const board: Board = { store, sync, actions: new Actions(store, sync) };
  const queries = new QueryClient({ defaultOptions: { queries: { enabled: false } } });
  const on = (children: ReactNode) =>
    render(
      <QueryClientProvider client={queries}>
        <BoardContext.Provider value={board}>{children}</BoardContext.Provider>
      </QueryClientProvider>,
    );
  return { store, sync, on, revised, edits, remade, shown, previewed };
}
