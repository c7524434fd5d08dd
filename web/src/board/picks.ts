import { type BoardState, NO_AIM, type Tool } from "./state";
import type { BoardStore } from "./store";
import type { Sync } from "./sync";

/** What clicks mean to tools that take more than one: how they go on from each. */
export abstract class Picks {
  constructor(
    protected readonly store: BoardStore,
    protected readonly sync: Sync,
    protected readonly aim: () => void,
  ) {}

  protected get state(): BoardState {
    return this.store.getState();
  }

  /** The next state of a tool after a pick: what was typed and aimed is used up. */
  protected go(tool: Tool): void {
    this.store.setState({ tool, entry: "", reading: null, aim: NO_AIM, saying: null });
    this.aim();
  }

  /** The same once an edit is stored, unless the drafter has gone on to another tool meanwhile; what became of rooms stays said. */
  protected goOn(tool: Tool): void {
    const { saying } = this.state;
    if (this.state.tool.name !== tool.name) return;
    this.go(tool);
    if (saying) this.store.setState({ saying });
  }
}
