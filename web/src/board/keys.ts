import { useEffect } from "react";
import { useBoardTools } from "./context";
import { TOOLS } from "./tools/prompts";

const STARTS_ENTRY = /^[0-9.,'"-]$/;

/** Keys of the board. A digit goes to the entry line; a letter chooses a tool while the entry line is empty. */
export function useKeys(): void {
  const { store, sync, actions } = useBoardTools();

  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const inEntry = target.id === "entry";
      if (!inEntry && (target.closest("input, select, textarea") || document.querySelector("[role=dialog]")))
        return;
      if (e.ctrlKey || e.metaKey) return chord(e);
      const { entry, tool } = store.getState();
      const writing = tool.name === "note" && tool.at !== null;
      const key = e.key.toLowerCase();
      if (key === "escape") actions.escape();
      else if (key === "enter" && (inEntry || target === document.body)) void actions.enter();
      else if (key === "tab" && tool.name !== "select" && inEntry) actions.nextCatch();
      else if (entry === "" && !writing && special(key)) {
        // done
      } else if (!inEntry && (writing ? e.key.length === 1 : STARTS_ENTRY.test(e.key))) {
        document.getElementById("entry")?.focus();
        return;
      } else return;
      e.preventDefault();
    };

    const chord = (e: KeyboardEvent) => {
      const key = e.key.toLowerCase();
      if (key === "z" && !e.shiftKey) void sync.undo();
      else if (key === "y" || (key === "z" && e.shiftKey)) void actions.redo();
      else return;
      e.preventDefault();
    };

    const special = (key: string): boolean => {
      const tool = TOOLS.find((t) => t.key === key);
      if (tool) actions.choose(tool.name);
      else if (key === "?") store.setState({ keysShown: true });
      else if (key === "h") actions.flipHinge();
      else if (key === "o" && store.getState().tool.name === "run") actions.stepSetOut();
      else if (key === "c") actions.nextCatch();
      else if (key === "delete" || key === "backspace") void actions.remove();
      else if (key === "home") sync.views.zoomToAll();
      else if (key === "end") sync.views.zoomToSelection();
      else if (key === "pageup") sync.views.back();
      else return false;
      return true;
    };

    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [store, sync, actions]);
}
