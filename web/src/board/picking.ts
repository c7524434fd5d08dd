import type { Edit, Pick } from "../api/types";
import { Picks } from "./picks";
import { caughtNow, NO_AIM, type Tool } from "./state";
import { aimed } from "./tools/aim";
import { editMeant } from "./tools/edits";
import { wallUnderPointer } from "./tools/opening";
import { pointOf } from "./tools/points";
import { closes, cutPlace, nearerEnd, nextPick, runThrough } from "./tools/walls";
import type { ModelPoint } from "./view";

type Of<N extends Tool["name"]> = Extract<Tool, { name: N }>;

/** What a click means to the tools that take more than one. */
export class Picking extends Picks {
  async run(): Promise<void> {
    const { tool } = this.state;
    const next = nextPick(this.state);
    if (tool.name !== "run" || !next) return;
    const close = closes(this.state, tool, next);
    const picks = close ? tool.picks : [...tool.picks, next];
    const ends = close || (tool.picks.length > 0 && next.hold.type === "onFace");
    if (ends) return this.finishRun(picks, close);
    this.go({ name: "run", picks, undone: [] });
  }

  async finishRun(picks: readonly Pick[], close: boolean): Promise<void> {
    const edit = runThrough(this.state, close ? [...picks, ...picks.slice(0, 1)] : picks, close);
    if (!edit) return;
    this.store.setState({ entry: "", reading: null, aim: NO_AIM });
    const stored = await this.sync.edit(edit);
    if (stored) this.goOn({ name: "run", picks: [], undone: [] });
  }

  /** Makes what the tool means, and clears what was typed for it. */
  async make(): Promise<boolean> {
    const edit = editMeant(this.state);
    return edit !== null && this.stored(edit);
  }

  private async stored(edit: Edit): Promise<boolean> {
    const stored = await this.sync.edit(edit);
    if (stored) this.store.setState({ entry: "", reading: null, aim: NO_AIM });
    return stored;
  }

  async rectangle(tool: Of<"rectangle">): Promise<void> {
    if (tool.from) {
      if (await this.make()) this.goOn({ name: "rectangle", from: null });
      return;
    }
    const from = aimed(this.state);
    if (from) this.go({ name: "rectangle", from });
  }

  /** From a point to a point. */
  async limit(tool: Of<"limit">): Promise<void> {
    if (tool.from) {
      if (await this.make()) this.goOn({ name: "limit", from: null });
      return;
    }
    const from = aimed(this.state);
    if (from) this.go({ name: "limit", from });
  }

  /** The wall first, then one wall beside it after another, each measured from the last. */
  async beside(tool: Of<"beside">): Promise<void> {
    if (!tool.wall) {
      const wall = wallUnderPointer(this.state);
      if (wall) this.go({ name: "beside", wall });
      else this.store.setState({ saying: "Point at the wall to draw another beside." });
      return;
    }
    const meant = editMeant(this.state);
    if (meant?.type !== "drawParallel") return;
    const before = this.state.elements;
    if (!(await this.stored(meant))) return;
    const made = [...this.state.elements.values()].find((e) => e.type === "wall" && !before.has(e.id));
    this.store.setState({ making: { ...this.state.making, besideMm: meant.clearMm } });
    this.goOn({ name: "beside", wall: made?.id ?? tool.wall });
  }

  async reach(tool: Of<"reach">): Promise<void> {
    if (tool.wall) {
      if (await this.make()) this.goOn({ name: "reach", wall: null, end: "END" });
      return;
    }
    const wall = wallUnderPointer(this.state);
    if (!wall)
      return this.store.setState({ saying: "Point at the wall to run, near the end that is to go." });
    this.store.setState({ selection: [wall] });
    this.go({ name: "reach", wall, end: nearerEnd(this.state, wall) });
  }

  /** One place splits with Enter; a second takes out what lies between. */
  async cut(tool: Of<"cut">): Promise<void> {
    if (tool.at) {
      if (await this.make()) this.goOn({ name: "cut", wall: null, at: null });
      return;
    }
    const wall = wallUnderPointer(this.state);
    const at = wall && cutPlace(this.state, wall, null);
    if (wall && at) this.go({ name: "cut", wall, at });
    else this.store.setState({ saying: "Point at the wall to split or to cut." });
  }

  async split(tool: Of<"cut">): Promise<void> {
    if (!tool.wall || !tool.at) return;
    if (await this.stored({ type: "split", wall: tool.wall, at: [tool.at.x, tool.at.y] }))
      this.goOn({ name: "cut", wall: null, at: null });
  }

  /** A point to start from, then one to go to. */
  async shift(name: "move" | "copy", from: ModelPoint | null): Promise<void> {
    if (from) {
      await this.make();
      return this.goOn({ name, from: null });
    }
    const pick = aimed(this.state);
    if (pick) this.go({ name, from: pointOf(pick) });
  }

  async turn(tool: Of<"turn">): Promise<void> {
    const pick = aimed(this.state, tool.centre ?? undefined);
    if (!tool.centre) {
      if (pick) this.go({ ...tool, centre: pointOf(pick) });
    } else if (editMeant(this.state)) {
      if (await this.make()) this.goOn({ name: "turn", centre: null, from: null });
    } else if (pick) this.go({ ...tool, from: pointOf(pick) });
  }

  async mirror(tool: Of<"mirror">): Promise<void> {
    if (tool.from) {
      if (await this.make()) this.goOn({ name: "mirror", from: null });
      return;
    }
    const pick = aimed(this.state);
    if (pick) this.go({ name: "mirror", from: pointOf(pick) });
  }

  measure(tool: Of<"measure">): void {
    const last = tool.points[tool.points.length - 1];
    const pick = aimed(this.state, last);
    if (pick) this.go({ name: "measure", points: [...tool.points, pointOf(pick)] });
  }

  /** Two points, where the pointer is and not where it would hold to; then the typed distance. */
  async scale(tool: Of<"scale">): Promise<void> {
    const { pointer } = this.state;
    if (tool.points.length < 2) {
      if (pointer) this.go({ ...tool, points: [...tool.points, caughtNow(this.state)?.at ?? pointer] });
    } else if (await this.make()) this.go({ name: "select" });
  }

  async string(): Promise<void> {
    const { tool } = this.state;
    const caught = caughtNow(this.state);
    if (tool.name !== "string") return;
    if (caught) {
      this.store.setState({ tool: { name: "string", picks: [...tool.picks, caught], undone: [] } });
      this.aim();
    } else if (tool.picks.length >= 2) {
      if (await this.make()) this.goOn({ name: "string", picks: [], undone: [] });
    } else this.store.setState({ saying: "Nothing to hold to here: pick a face, an edge or a corner." });
  }
}
