import { useEffect } from "react";
import { arrowAngle } from "../catch/aiming";
import type { Within } from "../commands/Command";
import { commandOf, keyOf } from "../commands/keymap";
import { type Board, useBoardTools } from "../state/context";
import type { BoardState } from "../state/state";
import { toolOf } from "../tools";

const STARTS_ENTRY = /^[0-9.,'"-]$/;
const FIELDS = "input, select, textarea";
/** Fields without a text that could be copied or taken back by itself. */
const CHOICES = "select, input[type=checkbox], input[type=radio]";

let space = false;

/** Whether the space bar is down: dragging then shifts the view. */
export function spaceHeld(): boolean {
  return space;
}

/** Keys of the board. A digit goes to the entry line; a letter is a command while the entry line is empty. */
export function useKeys(): void {
  const board = useBoardTools();

  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (pressed(board, e)) e.preventDefault();
    };
    const release = (e: KeyboardEvent) => {
      if (e.key === " ") space = false;
    };
    window.addEventListener("keydown", press);
    window.addEventListener("keyup", release);
    return () => {
      window.removeEventListener("keydown", press);
      window.removeEventListener("keyup", release);
    };
  }, [board]);
}

/** True where the key was used. */
function pressed(board: Board, e: KeyboardEvent): boolean {
  const { store, actions } = board;
  const target = e.target as HTMLElement;
  const inEntry = target.id === "entry";
  const { entry, tool } = store.getState();
  if (document.querySelector("[role=dialog], [role=menu]")) return false;
  if (!inEntry && target.closest(FIELDS)) {
    if (e.key === "Escape") target.blur();
    if (!target.closest(CHOICES) || !(e.ctrlKey || e.metaKey)) return false;
  }
  if (e.ctrlKey || e.metaKey) return !(inEntry && isOfText(e.key)) && does(board, keyOf(e));
  const writing = toolOf(tool).writes?.(tool) === true;
  if (e.key === " " && !inEntry) space = true;
  else if (e.key === "Escape") actions.escape();
  else if (e.key === "Enter" && (inEntry || isOfBoard(target))) void actions.entering.enter();
  else if (e.key === "Tab" && tool.name !== "select" && inEntry) actions.nextCatch();
  else if (entry === "" && !writing && (holds(board, e.key) || does(board, e.key))) return true;
  else if (!inEntry && (writing ? e.key.length === 1 : STARTS_ENTRY.test(e.key))) {
    document.getElementById("entry")?.focus();
    return false;
  } else return false;
  return true;
}

/** Whether a key pressed here is meant for the board: nothing else has it, or the drawing itself. */
function isOfBoard(target: HTMLElement): boolean {
  return target === document.body || target.dataset.testid === "board";
}

/** Copying and pasting in a field is of its text. */
function isOfText(key: string): boolean {
  return ["a", "c", "v", "x"].includes(key.toLowerCase());
}

/** An arrow holds a direction while a tool aims. */
function holds({ store, actions }: Board, key: string): boolean {
  const { tool, axes } = store.getState();
  const angle = toolOf(tool).aims ? arrowAngle(key.toLowerCase(), axes) : undefined;
  if (angle === undefined) return false;
  actions.hold(angle);
  return true;
}

function does(board: Board, key: string): boolean {
  const state = board.store.getState();
  const command = commandOf(key, goingOn(state), state.ownKeys);
  if (!command) return false;
  if (command.when?.(state) ?? true) command.does(board);
  return true;
}

function goingOn({ tool }: BoardState): Within[] {
  if (tool.name === "select") return ["selecting"];
  return toolOf(tool).aims ? ["placing", "aiming"] : ["placing"];
}
