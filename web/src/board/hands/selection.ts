import { type BoardState, elementsOf } from "../state/state";
import type { BoardStore } from "../state/store";
import type { ModelPoint } from "../state/view";
import { alike, alongJoined, inBox, inRows, inverted, isFree } from "./selecting";

const PICK_PX = 5;

/** What is selected, and what cannot be for now. */
export class Selection {
  constructor(
    private readonly store: BoardStore,
    private readonly aim: () => void,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
  }

  /** What is under the pointer, or the next thing under it. @param more keeps what is selected already */
  select(pointer: ModelPoint, more: boolean): void {
    const { nearby, view, selection } = this.state;
    const found = nearby.elementsAt(pointer, PICK_PX / view.zoom).filter((id) => isFree(this.state, id));
    const at = found.findIndex((id) => selection.includes(id));
    const next = found[(at + 1) % Math.max(found.length, 1)];
    if (!next) this.selectJust(more ? selection : []);
    else if (more) {
      const kept = selection.filter((id) => id !== next);
      this.selectJust(kept.length === selection.length ? [...selection, next] : kept);
    } else this.selectJust([next]);
  }

  /** Selects just these. */
  selectJust(selection: readonly string[]): void {
    this.store.setState({ selection, entry: "", otherMoves: false, gapAt: 0 });
    this.aim();
  }

  /** Whether a thing that is selected lies under the pointer, so that it can be dragged. */
  isOnSelection(pointer: ModelPoint): boolean {
    return this.under(pointer).some((id) => this.state.selection.includes(id));
  }

  /** Whether anything that can be selected lies under the pointer. */
  isOnAnything(pointer: ModelPoint): boolean {
    return this.under(pointer).length > 0;
  }

  private under(pointer: ModelPoint): string[] {
    const { nearby, view } = this.state;
    return nearby.elementsAt(pointer, PICK_PX / view.zoom).filter((id) => isFree(this.state, id));
  }

  /** A box from clear paper takes what lies inside it; one from a thing takes all it touches. */
  startBox(from: ModelPoint, touching: boolean): void {
    this.store.setState({ box: { from, to: from, touching } });
  }

  stretchBox(to: ModelPoint): void {
    const { box } = this.state;
    if (box) this.store.setState({ box: { ...box, to } });
  }

  endBox(more: boolean): void {
    const { box, selection } = this.state;
    if (!box) return;
    const found = inBox(this.state, box);
    this.store.setState({ box: null });
    this.selectJust(more ? [...new Set([...selection, ...found])] : found);
  }

  /** Selects the next thing on the board, or the one before, across it in rows from the top. */
  step(by: 1 | -1): void {
    const order = inRows(this.state);
    const at = order.indexOf(this.state.selection[this.state.selection.length - 1] ?? "");
    const next = order[at < 0 ? (by > 0 ? 0 : order.length - 1) : (at + by + order.length) % order.length];
    if (next === undefined) this.store.setState({ saying: "Nothing is drawn here yet." });
    else this.selectJust([next]);
  }

  selectAlike(): void {
    this.selectJust(alike(this.state));
  }

  /** Selects every wall of a build-up. */
  selectMadeOf(buildUp: string): void {
    this.selectJust(
      elementsOf(this.state, "wall")
        .filter((w) => w.buildUp === buildUp && isFree(this.state, w.id))
        .map((w) => w.id),
    );
  }

  selectOthers(): void {
    this.selectJust(inverted(this.state));
  }

  selectAll(): void {
    this.selectJust(inverted({ ...this.state, selection: [] }));
  }

  selectJoined(): void {
    this.selectJust(alongJoined(this.state));
  }

  hideSelected(): void {
    this.store.setState({ hidden: new Set([...this.state.hidden, ...this.state.selection]) });
    this.selectJust([]);
  }

  lockSelected(): void {
    this.store.setState({ locked: new Set([...this.state.locked, ...this.state.selection]) });
    this.selectJust([]);
  }

  showAll(): void {
    this.store.setState({ hidden: new Set(), locked: new Set() });
  }
}
