import type { Edit } from "../../api/types";
import type { Submitting } from "../link/submitting";
import { type BoardState, NO_AIM, type Tool } from "../state/state";
import type { BoardStore } from "../state/store";
import { editMeant } from "../tools/edits";

/** What clicks mean to tools that take more than one: how they go on from each. */
export abstract class Picks {
  constructor(
    protected readonly store: BoardStore,
    protected readonly submitting: Submitting,
    protected readonly aim: () => void,
  ) {}

  protected get state(): BoardState {
    return this.store.getState();
  }

  /** The next state of a tool after a pick: what was typed and aimed is used up. */
  protected go(tool: Tool): void {
    this.store.setState({ tool, entry: "", aim: NO_AIM, saying: null });
    this.aim();
  }

  /** Makes what the tool means, and goes on with a tool; false where it means nothing yet or that is refused. */
  async make(next: Tool = this.state.tool): Promise<boolean> {
    const edit = editMeant(this.state);
    return edit !== null && this.submit(edit, next);
  }

  protected submit(edit: Edit, next: Tool): Promise<boolean> {
    return this.submitting.submit(edit, next);
  }
}
