import type { Catch } from "../../api/types";
import { type BoardState, elementOf } from "../state/state";

/** Which faces of walls the pointer holds to where several lie under it: one choice, kept per person. */
export type Catching = "FINISH" | "STRUCTURE" | "SET_OUT";

export const CATCHING: readonly (readonly [Catching, string])[] = [
  ["FINISH", "finished faces"],
  ["STRUCTURE", "structures"],
  ["SET_OUT", "set-out lines"],
];

const KEY = "lintel.catching";

export function catchingKept(): Catching {
  const kept = globalThis.localStorage?.getItem(KEY);
  return CATCHING.find(([c]) => c === kept)?.[0] ?? "FINISH";
}

export function keepCatching(catching: Catching): void {
  localStorage.setItem(KEY, catching);
}

export function nextCatching(now: Catching): Catching {
  const at = CATCHING.findIndex(([c]) => c === now);
  return CATCHING[(at + 1) % CATCHING.length]?.[0] ?? "FINISH";
}

/** Whether something is of the kind that is wanted; what is no face of a wall always is. */
export function likes(state: BoardState): (c: Catch) => boolean {
  return ({ hold }) => {
    if (hold.type !== "onFace") return true;
    const wall = elementOf(state, "wall", hold.wall);
    const plies = elementOf(state, "buildUp", wall?.buildUp)?.plies ?? [];
    const from = plies.findIndex((p) => p.does === "CARRIES");
    const to = plies.findLastIndex((p) => p.does === "CARRIES") + 1;
    switch (state.catching) {
      case "FINISH":
        return hold.face === 0 || hold.face === plies.length;
      case "STRUCTURE":
        return hold.face === from || hold.face === to;
      case "SET_OUT":
        return hold.face < 0;
    }
  };
}
