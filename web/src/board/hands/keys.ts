import { useEffect } from "react";
import { arrowAngle } from "../catch/aiming";
import type { Sync } from "../link/sync";
import { useBoardTools } from "../state/context";
import { AIMING, TOOLS } from "../tools/stages";
import type { Actions } from "./actions";

const STARTS_ENTRY = /^[0-9.,'"-]$/;

let space = false;

/** Whether the space bar is down: dragging then shifts the view. */
export function spaceHeld(): boolean {
  return space;
}

/** How the next point is found by what the pointer has caught. */
const AIMS: Readonly<Record<string, "from" | "across" | "up" | "measure" | "hold" | "axes">> = {
  a: "from",
  x: "across",
  y: "up",
  n: "measure",
  f: "hold",
  u: "axes",
};

/** Other keys; a capital is typed with Shift. */
const PRESSED: Readonly<Record<string, (actions: Actions, sync: Sync) => void>> = {
  h: (a) => a.changing.flipHinge(),
  i: (a) => void a.changing.turnInsideOut(),
  n: (a) => a.changing.swapMover(),
  c: (a) => a.nextCatch(),
  u: (a) => a.aimBy("axes"),
  E: (a) => a.nextCatching(),
  J: (a) => a.selection.selectJoined(),
  I: (a) => a.selection.selectOthers(),
  H: (a) => a.selection.hideSelected(),
  L: (a) => a.selection.lockSelected(),
  U: (a) => a.selection.showAll(),
  Delete: (a) => void a.changing.remove(),
  Backspace: (a) => void a.changing.remove(),
  z: (_, s) => s.toggleBackdrop(),
  Home: (_, s) => s.views.zoomToAll(),
  End: (_, s) => s.views.zoomToSelection(),
  PageUp: (_, s) => s.views.back(),
};

/** Keys of the board. A digit goes to the entry line; a letter chooses a tool while the entry line is empty. */
export function useKeys(): void {
  const { store, sync, actions } = useBoardTools();

  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const inEntry = target.id === "entry";
      if (document.querySelector("[role=dialog]")) return;
      if (!inEntry && target.closest("input, select, textarea")) {
        if (e.key === "Escape") target.blur();
        return;
      }
      if (e.ctrlKey || e.metaKey) return chord(e);
      const { entry, tool } = store.getState();
      const writing = tool.name === "note" && tool.at !== null;
      const key = e.key.toLowerCase();
      if (key === " " && !inEntry) space = true;
      else if (key === "escape") actions.escape();
      else if (key === "enter" && (inEntry || target === document.body)) void actions.entering.enter();
      else if (key === "tab" && tool.name !== "select" && inEntry) actions.nextCatch();
      else if (entry === "" && !writing && special(e.key)) {
        // done
      } else if (!inEntry && (writing ? e.key.length === 1 : STARTS_ENTRY.test(e.key))) {
        document.getElementById("entry")?.focus();
        return;
      } else return;
      e.preventDefault();
    };

    const chord = (e: KeyboardEvent) => {
      const key = e.key.toLowerCase();
      const inText = (e.target as HTMLElement).closest("input, select, textarea") !== null;
      if (key === "z" && !e.shiftKey) void sync.undo();
      else if (key === "c" && !inText) void actions.copy();
      else if (key === "v" && !inText) actions.paste();
      else if (key === "y" || (key === "z" && e.shiftKey)) void actions.redo();
      else return;
      e.preventDefault();
    };

    const special = (key: string): boolean => {
      const state = store.getState();
      const tool = TOOLS.find((t) => t.key === key);
      const aims = AIMING.includes(state.tool.name);
      const arrow = aims ? arrowAngle(key.toLowerCase(), state.axes) : undefined;
      const way = aims ? AIMS[key] : undefined;
      if (arrow !== undefined) actions.hold(arrow);
      else if (way) actions.aimBy(way);
      else if (tool) actions.choose(tool.name);
      else if (PRESSED[key]) PRESSED[key](actions, sync);
      else if (key === "?") store.setState({ keysShown: true });
      else if (key === "o" && state.tool.name !== "select") actions.changing.stepSetOut();
      else return false;
      return true;
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
  }, [store, sync, actions]);
}
