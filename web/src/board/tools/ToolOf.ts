import type { ComponentType } from "react";
import type { Edit, Element } from "../../api/types";
import type { BoardState, Making, Tool, ToolName, Work } from "../state/state";
import type { ModelPoint } from "../state/view";

/** What is being done, and what to do next. */
export type Words = readonly [string, string];

/** What a tool's clicks and keys can do on the board. */
export interface Hands {
  readonly state: BoardState;
  set(change: Partial<BoardState>): void;
  say(sentence: string): void;
  /** The next state of a tool after a pick: what was typed and aimed is used up. */
  go(tool: Tool): void;
  /** Makes what the tool means, and goes on with a tool; false where it means nothing yet or that is refused. */
  make(next?: Tool): Promise<boolean>;
  submit(edit: Edit, next: Tool): Promise<boolean>;
  /** Sends an edit while the tool goes on. @param work what comes back where it is refused */
  send(edit: Edit, work: Work): Promise<boolean>;
  setAside(work: Work): void;
  /** Stores a changed element at once. */
  revise(element: Element): Promise<boolean>;
  /** Selects what is under the pointer. @param more keeps what is selected already */
  select(pointer: ModelPoint, more: boolean): void;
  choose(name: ToolName): void;
  /** Shows what the tool means now. */
  aim(): void;
}

/** What the facts of a tool show and change: what it will make. */
export interface MakingProps {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

/** A tool, whole: its words, its picks, what it asks for, what it would do, and what a click means to it. */
export interface ToolOf<T extends { readonly name: string }> {
  readonly name: T["name"];
  /** As it is listed. */
  readonly words: string;
  /** The key that chooses it unless a person chose another; a capital is typed with Shift. */
  readonly key?: string;
  /** Other words it is looked for by. */
  readonly also?: string;
  /** The kind of thing it makes, where it makes one. */
  readonly makes?: Element["type"];
  /** With nothing picked yet; none for a tool that begins with something given. */
  readonly fresh?: T;
  /** How it begins where it is called on a thing, by a right click; null where it makes no sense there. */
  readonly startsOn?: (thing: Element) => T | null;
  /** What to do next, in one plain sentence. */
  readonly prompt: (state: BoardState, tool: T) => Words;
  /** The edit it means now: previewed, and made by the next click or Enter. */
  readonly edit: (state: BoardState, tool: T) => Edit | null;
  readonly take: (hands: Hands, tool: T, pointer: ModelPoint, more: boolean) => void | Promise<void>;
  /** Enter, where that is not a click at the pointer. */
  readonly accept?: (hands: Hands, tool: T) => void | Promise<void>;
  /** Enter with nothing typed and nothing decided. */
  readonly end?: (hands: Hands, tool: T) => void | Promise<void>;
  /** The tool before its last pick; null where it has none. */
  readonly back?: (tool: T) => T | null;
  /** The tool with the pick back that was taken from it last; null where there is none. */
  readonly on?: (tool: T) => T | null;
  /** What follows a pick that was stepped back. */
  readonly stepped?: (hands: Hands, tool: T) => void | Promise<void>;
  /** Whether it serves in drawings of every kind; else in plans alone. */
  readonly anywhere?: boolean;
  /** Whether it picks faces, edges and corners alone, as they are offered to hold to. */
  readonly holds?: boolean;
  /** Whether its points are found by aiming: caught, held, measured. */
  readonly aims?: boolean;
  /** Whether it sets something out along a wall, from its neighbours. */
  readonly along?: boolean;
  /** Whether it waits for words, so that no key means anything else. */
  readonly writes?: (tool: T) => boolean;
  /** Whether a plain number typed for it is an angle in degrees. */
  readonly degrees?: boolean;
  /** Whether the closed areas of the storey are shown while it is active. */
  readonly areas?: boolean;
  /** Whether the panel at the side stays at what it shows. */
  readonly leavesPanel?: boolean;
  /** The last point picked: directions and squares are taken from it. */
  readonly from?: (tool: T) => ModelPoint | undefined;
  /** The points picked so far, as they are marked on the board. */
  readonly picked?: (tool: T) => readonly ModelPoint[];
  /** The line that is drawn while it is being picked. */
  readonly line?: (tool: T, pointer: ModelPoint | null) => readonly ModelPoint[];
  /** Whether it means something before anything is pointed at, and shows that at once. */
  readonly atOnce?: boolean;
  /** What it will make. */
  readonly Facts?: ComponentType<MakingProps>;
}
