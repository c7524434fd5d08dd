import type { Pick } from "../../api/types";
import { aimed } from "../catch/aim";
import { pointOf } from "../catch/points";
import { caughtNow, type Tool } from "../state/state";
import type { ModelPoint } from "../state/view";
import { editMeant } from "../tools/edits";
import { wallUnderPointer } from "../tools/opening";
import { fresh } from "../tools/stages";
import { closes, cutPlace, nearerEnd, nextPick, runThrough } from "../tools/walls";
import { Picks } from "./picks";

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
    await this.submit(edit, fresh("run"));
  }

  async rectangle(tool: Of<"rectangle">): Promise<void> {
    if (tool.from) {
      await this.make(fresh("rectangle"));
      return;
    }
    const from = aimed(this.state);
    if (from) this.go({ name: "rectangle", from });
  }

  /** From a point to a point. */
  async limit(tool: Of<"limit">): Promise<void> {
    if (tool.from) {
      await this.make(fresh("limit"));
      return;
    }
    const from = aimed(this.state);
    if (from) this.go({ name: "limit", from });
  }

  async reach(tool: Of<"reach">): Promise<void> {
    if (tool.wall) {
      await this.make(fresh("reach"));
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
      await this.make(fresh("cut"));
      return;
    }
    const wall = wallUnderPointer(this.state);
    const at = wall && cutPlace(this.state, wall, null);
    if (wall && at) this.go({ name: "cut", wall, at });
    else this.store.setState({ saying: "Point at the wall to split or to cut." });
  }

  async split(tool: Of<"cut">): Promise<void> {
    if (!tool.wall || !tool.at) return;
    await this.submit({ type: "split", wall: tool.wall, at: [tool.at.x, tool.at.y] }, fresh("cut"));
  }

  /** A point to start from, then one to go to. */
  async shift(name: "move" | "copy", from: ModelPoint | null): Promise<void> {
    if (from) {
      await this.make(fresh(name));
      return;
    }
    const pick = aimed(this.state);
    if (pick) this.go({ name, from: pointOf(pick) });
  }

  async turn(tool: Of<"turn">): Promise<void> {
    const pick = aimed(this.state, tool.centre ?? undefined);
    if (!tool.centre) {
      if (pick) this.go({ ...tool, centre: pointOf(pick) });
    } else if (editMeant(this.state)) await this.make(fresh("turn"));
    else if (pick) this.go({ ...tool, from: pointOf(pick) });
  }

  async mirror(tool: Of<"mirror">): Promise<void> {
    if (tool.from) {
      await this.make(fresh("mirror"));
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
    } else await this.make(fresh("select"));
  }

  async string(): Promise<void> {
    const { tool } = this.state;
    const caught = caughtNow(this.state);
    if (tool.name !== "string") return;
    if (caught) {
      this.store.setState({ tool: { name: "string", picks: [...tool.picks, caught], undone: [] } });
      this.aim();
    } else if (tool.picks.length >= 2) {
      await this.make(fresh("string"));
    } else this.store.setState({ saying: "Nothing to hold to here: pick a face, an edge or a corner." });
  }
}
