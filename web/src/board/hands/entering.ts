import { isDecided, measuresMiss } from "../catch/aiming";
import { type BoardState, bareAngle, faultOf, isWriting, typedAngle, typedMm } from "../state/state";
import type { BoardStore } from "../state/store";
import { prompt, toolOf } from "../tools";
import type { Hands } from "../tools/ToolOf";
import type { Actions } from "./actions";

/** The entry line: what is typed, and what Enter does with it. */
export class Entering {
  constructor(
    private readonly store: BoardStore,
    private readonly hands: Pick<Actions, "hold" | "take"> & Hands,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
  }

  type(entry: string): void {
    this.store.setState({ entry, saying: null, readingChoice: 0 });
    this.hands.aim();
  }

  chooseReading(readingChoice: 0 | 1): void {
    this.store.setState({ readingChoice });
    this.hands.aim();
  }

  async enter(): Promise<void> {
    const { tool, entry } = this.state;
    const { accept, degrees, end } = toolOf(tool);
    if (isWriting(tool)) return accept?.(this.hands, tool);
    const fault =
      degrees && bareAngle(entry) !== undefined ? null : (faultOf(this.state) ?? measuresMiss(this.state));
    if (fault) return this.store.setState({ saying: fault });
    if (this.takesAngle() || this.takesMeasure()) return;
    if (entry.trim() === "" && !isDecided(this.state)) return end?.(this.hands, tool);
    if (accept) return accept(this.hands, tool);
    await this.hands.take(this.state.pointer ?? { x: 0, y: 0 }, false);
    this.sayIfUnused(tool, entry);
  }

  /** What is typed stays where it is while there is nothing it could be for, and that is said. */
  private sayIfUnused(tool: BoardState["tool"], entry: string): void {
    const unused = entry !== "" && this.state.entry === entry && this.state.tool === tool;
    if (unused && !this.state.saying) this.store.setState({ saying: prompt(this.state)[1] });
  }

  /** An angle typed alone holds the direction. */
  private takesAngle(): boolean {
    const angle = typedAngle(this.state);
    if (angle === undefined || typedMm(this.state) !== undefined || toolOf(this.state.tool).degrees)
      return false;
    this.store.setState({ entry: "" });
    this.hands.hold(this.state.axes + angle);
    return true;
  }

  /** A length typed for a distance that is measured from a point. */
  private takesMeasure(): boolean {
    const { aim } = this.state;
    const mm = typedMm(this.state);
    if (mm === undefined || !aim.measured.some((m) => m.mm === null)) return false;
    const measured = aim.measured.map((m) => (m.mm === null ? { ...m, mm } : m));
    this.store.setState({ aim: { ...aim, measured }, entry: "" });
    this.hands.aim();
    return true;
  }
}
