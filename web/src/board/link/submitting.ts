import type { Edit } from "../../api/types";
import { type BoardState, NO_AIM, type Tool, type Work } from "../state/state";
import type { BoardStore } from "../state/store";
import type { Sync } from "./sync";

/**
 * Sends what hands have put together. The board is free for the next thing at once; what is refused comes back as it was,
 * or is set aside where the drafter has gone on. So nothing typed or picked is lost, at any speed of hand or network.
 */
export class Submitting {
  constructor(
    private readonly store: BoardStore,
    private readonly sync: Sync,
    private readonly aim: () => void,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
  }

  /** @param next the tool to go on with */
  async submit(edit: Edit, next: Tool): Promise<boolean> {
    const work = workOf(this.state);
    this.store.setState({ tool: { ...next }, entry: "", aim: NO_AIM, well: null, saying: null });
    return this.send(edit, work);
  }

  /** @param work what comes back where the edit is refused, and nothing else was begun meanwhile */
  async send(edit: Edit, work: Work): Promise<boolean> {
    const { tool } = this.state;
    const stored = await this.sync.edit(edit);
    if (!stored) this.giveBack(work, tool);
    if (this.state.tool === tool) this.aim();
    return stored;
  }

  /** Takes up again what was set aside last, as it was. */
  takeUp(): void {
    const { setAside } = this.state;
    const work = setAside[setAside.length - 1];
    if (!work) return;
    this.store.setState({ ...work, setAside: setAside.slice(0, -1), saying: null });
    this.aim();
  }

  setAside(work: Work): void {
    this.store.setState({ setAside: [...this.state.setAside, work] });
  }

  private giveBack(work: Work, tool: Tool): void {
    const { state } = this;
    const untouched =
      state.tool === tool && state.entry === "" && state.aim === NO_AIM && state.well === null;
    if (untouched) this.store.setState(work);
    else this.setAside(work);
  }
}

export function workOf({ tool, entry, readingChoice, aim, well }: BoardState): Work {
  return { tool, entry, readingChoice, aim, well };
}
