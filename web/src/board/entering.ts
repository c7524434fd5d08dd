import { answerOf, api } from "../api/client";
import type { Actions } from "./actions";
import { type BoardState, faultOf, typedAngle, typedMm, unitsOf } from "./state";
import type { BoardStore } from "./store";
import type { Sync } from "./sync";
import { isDecided, measuresMiss } from "./tools/aiming";
import { editMeant } from "./tools/edits";
import { bareAngle, pasteInPlace } from "./tools/rearrange";

/** The entry line: what is typed, how it is read, and what Enter does with it. */
export class Entering {
  constructor(
    private readonly store: BoardStore,
    private readonly sync: Sync,
    private readonly actions: Pick<Actions, "aim" | "hold" | "choose" | "take" | "picking" | "inHeight">,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
  }

  /** Takes what is typed; the server reads it, so that there is one reader. */
  async type(entry: string): Promise<void> {
    this.store.setState({ entry, saying: null, readingChoice: 0 });
    const { tool } = this.state;
    if (tool.name === "note" || entry.trim() === "") {
      this.store.setState({ reading: null });
      this.actions.aim();
      return;
    }
    const reading = await answerOf(
      api.POST("/api/v1/entries", { body: { text: entry, units: unitsOf(this.state) } }),
    );
    if (this.state.entry !== entry) return;
    this.store.setState({ reading });
    this.actions.aim();
  }

  chooseReading(readingChoice: 0 | 1): void {
    this.store.setState({ readingChoice });
    this.actions.aim();
  }

  async enter(): Promise<void> {
    const { tool, entry } = this.state;
    if (tool.name === "note") return this.writeNote();
    const turning = tool.name === "turn" && bareAngle(entry) !== undefined;
    const fault = turning ? null : (faultOf(this.state) ?? measuresMiss(this.state));
    if (fault) return this.store.setState({ saying: fault });
    if (this.takesAngle() || this.takesMeasure()) return;
    const typed = entry.trim() !== "";
    if (!typed && !isDecided(this.state)) return this.enterNothing();
    if (tool.name === "select") {
      const made = await this.actions.picking.make();
      if (!made && !this.state.saying)
        this.store.setState({ saying: "Select one wall, and point at the gap that is to become this." });
      return;
    }
    await this.actions.take(this.state.pointer ?? { x: 0, y: 0 }, false);
  }

  /** An angle typed alone holds the direction. */
  private takesAngle(): boolean {
    const angle = typedAngle(this.state);
    if (angle === undefined || typedMm(this.state) !== undefined || this.state.tool.name === "turn")
      return false;
    this.store.setState({ entry: "", reading: null });
    this.actions.hold(this.state.axes + angle);
    return true;
  }

  /** A length typed for a distance that is measured from a point. */
  private takesMeasure(): boolean {
    const { aim } = this.state;
    const mm = typedMm(this.state);
    if (mm === undefined || !aim.measured.some((m) => m.mm === null)) return false;
    const measured = aim.measured.map((m) => (m.mm === null ? { ...m, mm } : m));
    this.store.setState({ aim: { ...aim, measured }, entry: "", reading: null });
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
    if (tool.name === "paste") {
      const edit = pasteInPlace(this.state);
      if (edit && (await this.sync.edit(edit))) this.actions.choose("select");
    }
  }

  private async writeNote(): Promise<void> {
    const edit = editMeant(this.state);
    if (edit && (await this.sync.edit(edit)))
      this.store.setState({ tool: { name: "note", at: null }, entry: "" });
  }
}
