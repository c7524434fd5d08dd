import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Actions } from "./actions";
import type { BoardState } from "./state";
import type { BoardStore } from "./store";
import type { Sync } from "./sync";

export interface Board {
  readonly store: BoardStore;
  readonly sync: Sync;
  readonly actions: Actions;
}

export const BoardContext = createContext<Board | null>(null);

export function useBoardTools(): Board {
  const board = useContext(BoardContext);
  if (!board) throw new Error("useBoardTools is for components inside BoardPage");
  return board;
}

export function useBoard<T>(select: (state: BoardState) => T): T {
  return useStore(useBoardTools().store, select);
}
