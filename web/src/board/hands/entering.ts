import { isDecided, measuresMiss } from "../catch/aiming";
import { type BoardState, faultOf, typedAngle, typedMm, wallSelected } from "../state/state";
import type { BoardStore } from "../state/store";
import { editMeant } from "../tools/edits";
import { prompt } from "../tools/prompts";
import { bareAngle, pasteInPlace } from "../tools/rearrange";
import { fresh } from "../tools/stages";
import type { Actions } from "./actions";

/** The entry line: what is typed, and what Enter does with it. */
export class Entering {
  constructor(
    private readonly store: BoardStore,
    private readonly actions: Pick<Actions, "aim" | "hold" | "take" | "picking" | "inHeight" | "submitting">,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
  }

  type(entry: string): void {
    this.store.setState({ entry, saying: null, readingChoice: 0 });
    this.actions.aim();
  }

  chooseReading(readingChoice: 0 | 1): void {
    this.store.setState({ readingChoice });
    this.actions.aim();
  }

  async enter(): Promise<void> {
    const { tool, entry } = this.state;
    if (tool.name === "note") {
      await this.actions.picking.make(fresh("note"));
      return;
    }
    const turning = tool.name === "turn" && bareAngle(entry) !== undefined;
    const fault = turning ? null : (faultOf(this.state) ?? measuresMiss(this.state));
    if (fault) return this.store.setState({ saying: fault });
    if (this.takesAngle() || this.takesMeasure()) return;
    const typed = entry.trim() !== "";
    if (!typed && !isDecided(this.state)) return this.enterNothing();
    if (tool.name === "select") {
      if (editMeant(this.state)) await this.actions.picking.make();
      else this.store.setState({ saying: this.nothingToSet() });
      return;
    }
    await this.actions.take(this.state.pointer ?? { x: 0, y: 0 }, false);
    this.sayIfUnused(tool, entry);
  }

  /** What is typed stays where it is while there is nothing it could be for, and that is said. */
  private sayIfUnused(tool: BoardState["tool"], entry: string): void {
    const unused = entry !== "" && this.state.entry === entry && this.state.tool === tool;
    if (unused && !this.state.saying) this.store.setState({ saying: prompt(this.state)[1] });
  }

  private nothingToSet(): string {
    const wall = wallSelected(this.state);
    return wall
      ? `The gaps round ${wall.mark} are not read yet: see which one is meant, then press Enter.`
      : "Select one wall, and point at the gap that is to become this.";
  }

  /** An angle typed alone holds the direction. */
  private takesAngle(): boolean {
    const angle = typedAngle(this.state);
    if (angle === undefined || typedMm(this.state) !== undefined || this.state.tool.name === "turn")
      return false;
    this.store.setState({ entry: "" });
    this.actions.hold(this.state.axes + angle);
    return true;
  }

  /** A length typed for a distance that is measured from a point. */
  private takesMeasure(): boolean {
    const { aim } = this.state;
    const mm = typedMm(this.state);
    if (mm === undefined || !aim.measured.some((m) => m.mm === null)) return false;
    const measured = aim.measured.map((m) => (m.mm === null ? { ...m, mm } : m));
    this.store.setState({ aim: { ...aim, measured }, entry: "" });
    this.actions.aim();
    return true;
  }

  /** Enter alone ends a run, splits a wall, puts what is pasted where it was. */
  private async enterNothing(): Promise<void> {
    const { tool } = this.state;
    if (tool.name === "run" && tool.picks.length >= 2)
      return this.actions.picking.finishRun(tool.picks, false);
    if (tool.name === "cut") return this.actions.picking.split(tool);
    if (tool.name === "floor" || tool.name === "void") return this.actions.inHeight.close(tool);
    if (tool.name === "well") return this.actions.inHeight.well(tool);
    const edit = tool.name === "paste" ? pasteInPlace(this.state) : null;
    if (edit) await this.actions.submitting.submit(edit, fresh("select"));
  }
}
