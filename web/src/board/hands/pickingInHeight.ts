import { answerOf, api, sentenceOf } from "../../api/client";
import { aimed } from "../catch/aim";
import { pointOf } from "../catch/points";
import type { BoardState, Tool, ToolName } from "../state/state";
import { closesRing, drawStair, nextPoint } from "../tools/heights";
import { fresh } from "../tools/stages";
import { Picks } from "./picks";

type Of<N extends Tool["name"]> = Extract<Tool, { name: N }>;

/** What a click means to the tools for floors, stairs and sections. */
export class PickingInHeight extends Picks {
  /** One click inside a shell, two for a rectangle, as many as it has corners for an outline. */
  async outline(tool: Of<"floor"> | Of<"void">): Promise<void> {
    const { making } = this.state;
    const way = tool.name === "floor" ? making.floor.way : making.voidWay;
    const next = nextPoint(this.state, way === "OUTLINE" ? tool.picks : []);
    if (!next) return;
    const done =
      way === "SHELL" ||
      (way === "RECTANGLE" && tool.picks.length === 1) ||
      (way === "OUTLINE" && closesRing(this.state, tool.picks, next));
    if (done) return this.again(tool.name);
    this.go({ ...tool, picks: [...tool.picks, next] });
  }

  /** Enter closes an outline where it is. */
  async close(tool: Of<"floor"> | Of<"void">): Promise<void> {
    if (tool.picks.length < 3) return;
    const [first] = tool.picks;
    if (first) this.store.setState({ pointer: pointOf(first), caughts: [] });
    await this.again(tool.name);
  }

  async stair(tool: Of<"stair">): Promise<void> {
    if (tool.from) return this.again("stair");
    const from = aimed(this.state);
    if (from) this.go({ name: "stair", from });
  }

  async section(tool: Of<"section">): Promise<void> {
    if (tool.from && tool.to) return this.again("section");
    const next = nextPoint(this.state, tool.from ? [tool.from] : []);
    if (next) this.go(tool.from ? { ...tool, to: next } : { ...tool, from: next });
  }

  /** Two corners, then one of the stairs that fit between them. */
  async well(tool: Of<"well">): Promise<void> {
    if (this.state.well) return this.again("well");
    const pick = aimed(this.state);
    if (!pick) return;
    if (tool.from) await this.fit(tool.from.at, pick.at);
    else this.go({ name: "well", from: pick });
  }

  private async fit(corner: [number, number], opposite: [number, number]): Promise<void> {
    const { project, axes, making, tool } = this.state;
    const like = drawStair(this.state, { x: corner[0], y: corner[1] }, 0, making.stair.widthMm);
    if (!like) return;
    try {
      const choices = await answerOf(
        api.POST("/api/v1/projects/{project}/stairs/fitting", {
          params: { path: { project } },
          body: { like, corner, opposite, angle: axes },
        }),
      );
      if (this.state.tool !== tool) return;
      this.choose({
        choices,
        chosen: Math.max(
          0,
          choices.findIndex((c) => c.fits),
        ),
      });
    } catch (error) {
      this.store.setState({ saying: sentenceOf(error) });
    }
  }

  private async again(name: ToolName): Promise<void> {
    await this.make(fresh(name));
  }

  choose(well: BoardState["well"]): void {
    this.store.setState({ well });
    this.aim();
  }
}
