import type { Element } from "../../api/types";
import type { Board } from "../state/context";
import type { BoardState } from "../state/state";

/** When a key counts: while a tool aims, while any tool but Select is active, or while none is; without one, always. */
export type Within = "aiming" | "placing" | "selecting";

/** Something that is done at once, by a key, from a list or beside the pointer. */
export interface Command {
  /** What a person's own keys are kept by. */
  readonly name: string;
  readonly words: string;
  /** The same in fewer words, where what it is about is known. */
  readonly brief?: string;
  /** What it is for, as keys are listed. */
  readonly group: string;
  /** The keys it has unless a person chose others. */
  readonly keys: readonly string[];
  readonly within?: Within;
  /** Other words it is looked for by. */
  readonly also?: string;
  /** Whether it makes sense now; without one, always. */
  readonly when?: (state: BoardState) => boolean;
  /** Whether it is offered beside the pointer on a thing; null stands for clear paper. */
  readonly on?: (thing: Element | null, state: BoardState) => boolean;
  /** @param thing what it was called on, by a right click */
  readonly does: (board: Board, thing?: Element) => void;
}
