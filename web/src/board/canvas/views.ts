import { paperOf } from "../state/papers";
import type { BoardState } from "../state/state";
import type { BoardStore } from "../state/store";
import { fitting, type View } from "../state/view";
import { boxOf, printedBox } from "./boxes";

/** Where the board looks: zooming to things, going back, and each drawing's own view, kept in this browser. */
export class Views {
  constructor(private readonly store: BoardStore) {}

  /** The view the drawing was left in, or all of it. */
  resume(): void {
    const kept = keptView(this.store.getState());
    if (kept) this.store.setState({ view: kept });
    else this.zoomToAll();
  }

  zoomToAll(): void {
    const state = this.store.getState();
    const paper = state.shown?.kind === "sheet" ? sheetBox(state) : null;
    const box = paper ?? printedBox(state.groups.values(), state.scale);
    if (box) this.look(fitting(box, state.size));
  }

  zoomToSelection(): void {
    const state = this.store.getState();
    const box = boxOf(
      state.selection.flatMap((id) => state.groups.get(id) ?? []),
      state.scale,
    );
    if (box) this.look(fitting(box, state.size));
  }

  /** Goes to a view and remembers the one before. */
  look(view: View): void {
    const { view: before, earlierViews } = this.store.getState();
    this.store.setState({ view, earlierViews: [...earlierViews.slice(-19), before] });
    this.keep();
  }

  back(): void {
    const { earlierViews } = this.store.getState();
    const view = earlierViews[earlierViews.length - 1];
    if (view) this.store.setState({ view, earlierViews: earlierViews.slice(0, -1) });
    this.keep();
  }

  /** Remembers the view for the next time this drawing is shown. */
  keep(): void {
    const state = this.store.getState();
    if (state.shown) localStorage.setItem(viewKey(state), JSON.stringify(state.view));
  }
}

function viewKey(state: BoardState): string {
  return `lintel.view.${state.project}.${state.shown?.id}`;
}

function keptView(state: BoardState): View | null {
  const kept = localStorage.getItem(viewKey(state));
  return kept ? (JSON.parse(kept) as View) : null;
}

export function sheetBox(state: BoardState) {
  const sheet = state.shown && state.elements.get(state.shown.id);
  if (sheet?.type !== "sheet") return null;
  const paper = paperOf(state, sheet.paper);
  return paper ? { minX: 0, minY: 0, maxX: paper.width, maxY: paper.height } : null;
}
