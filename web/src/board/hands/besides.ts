import { workOf } from "../link/submitting";
import type { BoardState, Tool } from "../state/state";
import { editMeant } from "../tools/edits";
import { wallUnderPointer } from "../tools/opening";
import { Picks } from "./picks";

/**
 * The wall first, then one wall beside it after another, each measured from the last. What is meant while the last is
 * still being stored waits for it, as it was typed and pointed at; where it is refused, what waits is set aside.
 */
export class Besides extends Picks {
  private queue: Promise<void> = Promise.resolve();
  private waiting = 0;
  /** Whether one was refused that others waiting would be measured from. */
  private broken = false;
  /** The wall drawn beside each, for what was meant before it was there. */
  private readonly drawn = new Map<string, string>();

  async beside(tool: Extract<Tool, { name: "beside" }>): Promise<void> {
    if (!tool.wall) {
      const wall = wallUnderPointer(this.state);
      if (wall) this.go({ name: "beside", wall });
      else this.store.setState({ saying: "Point at the wall to draw another beside." });
      return;
    }
    if (this.waiting === 0) {
      this.drawn.clear();
      this.broken = false;
    }
    const meant = this.state;
    const { wall } = tool;
    this.store.setState({ entry: "", saying: null });
    this.waiting++;
    this.queue = this.queue.then(() => this.draw(meant, wall)).finally(() => this.waiting--);
    return this.queue;
  }

  private async draw(meant: BoardState, picked: string): Promise<void> {
    if (this.broken) return this.submitting.setAside(workOf(meant));
    let wall = picked;
    for (let next = this.drawn.get(wall); next; next = this.drawn.get(wall)) wall = next;
    const { elements, groups, nearby } = this.state;
    const tool: Tool = { name: "beside", wall };
    const parallel = editMeant({ ...meant, elements, groups, nearby, tool });
    if (parallel?.type !== "drawParallel") return this.submitting.setAside(workOf(meant));
    this.store.setState({ making: { ...this.state.making, besideMm: parallel.clearMm } });
    if (!(await this.submitting.send(parallel, { ...workOf(meant), tool }))) {
      this.broken = true;
      return;
    }
    const made = [...this.state.elements.values()].find((e) => e.type === "wall" && !elements.has(e.id));
    if (!made) return;
    this.drawn.set(wall, made.id);
    if (this.state.tool.name === "beside") this.store.setState({ tool: { name: "beside", wall: made.id } });
    this.aim();
  }
}
