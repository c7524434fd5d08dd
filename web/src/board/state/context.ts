import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Actions } from "../hands/actions";
import type { Sync } from "../link/sync";
import type { BoardState } from "./state";
import type { BoardStore } from "./store";

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
