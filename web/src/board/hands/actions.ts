import { answerOf, api } from "../../api/client";
import type { End } from "../../api/types";
import { aimBack, aimBy } from "../catch/aiming";
import { keepCatching, likes, nextCatching } from "../catch/catching";
import { gapNear } from "../catch/gaps";
import { placesAt, preferred } from "../catch/places";
import { pointOf } from "../catch/points";
import { copied, copy } from "../link/clipboard";
import { Submitting } from "../link/submitting";
import type { Sync } from "../link/sync";
import {
  type BoardState,
  measureNow,
  NO_AIM,
  settingOutNow,
  type ToolName,
  unitsOf,
  wallSelected,
} from "../state/state";
import type { BoardStore } from "../state/store";
import type { ModelPoint } from "../state/view";
import { editMeant } from "../tools/edits";
import { AIMING, fresh, stepBack, stepOn } from "../tools/stages";
import { Besides } from "./besides";
import { Changing } from "./changing";
import { Entering } from "./entering";
import { Picking } from "./picking";
import { PickingInHeight } from "./pickingInHeight";
import { placeDrawing } from "./placing";
import { Selection } from "./selection";

const CATCH_PX = 11;
const GAP_PX = 26;

/** What hands do on a board. */
export class Actions {
  readonly picking: Picking;
  readonly inHeight: PickingInHeight;
  private readonly besides: Besides;
  readonly selection: Selection;
  readonly changing: Changing;
  readonly entering: Entering;
  readonly submitting: Submitting;

  constructor(
    private readonly store: BoardStore,
    private readonly sync: Sync,
  ) {
    const aim = () => this.aim();
    this.submitting = new Submitting(store, sync, aim);
    this.picking = new Picking(store, this.submitting, aim);
    this.besides = new Besides(store, this.submitting, aim);
    this.inHeight = new PickingInHeight(store, this.submitting, aim);
    this.selection = new Selection(store, aim);
    this.changing = new Changing(store, sync, aim);
    this.entering = new Entering(store, this);
  }

  private get state(): BoardState {
    return this.store.getState();
  }

  choose(name: ToolName): void {
    this.store.setState({
      tool: fresh(name),
      entry: "",
      saying: null,
      preview: null,
      measureAt: null,
      caughts: [],
      aim: NO_AIM,
      measured: null,
      well: null,
    });
    this.sync.previews.show(null);
  }

  pointAt(pointer: ModelPoint): void {
    const { tool, nearby, view, shown } = this.state;
    const reach = CATCH_PX / view.zoom;
    const onDrawing = shown?.kind === "drawing";
    if (onDrawing && AIMING.includes(tool.name))
      this.store.setState({
        pointer,
        caughts: placesAt(nearby, pointer, reach, lastPoint(this.state), likes(this.state)).filter((c) =>
          this.isCatchable(c),
        ),
        catchChoice: 0,
      });
    else if (onDrawing && tool.name === "string")
      this.store.setState({
        pointer,
        caughts: preferred(nearby.catchesAt(pointer, reach), likes(this.state)),
        catchChoice: 0,
      });
    else
      this.store.setState({
        pointer,
        caughts: [],
        gapAt: this.lineUnder(this.state.gaps, this.state.gapAt, pointer),
        measureAt: this.lineUnder(this.state.settingOut?.measures ?? [], this.state.measureAt, pointer),
      });
    this.aim();
  }

  private isCatchable(c: { caught: { hold: { type: string; wall?: string } } }): boolean {
    return !c.caught.hold.wall || !this.state.hidden.has(c.caught.hold.wall);
  }

  /** The gap or measure whose line is nearest to the pointer, or the one it was at last. */
  private lineUnder<L extends number | null>(
    lines: Parameters<typeof gapNear>[0],
    last: L,
    pointer: ModelPoint,
  ): L | number {
    const { view, entry } = this.state;
    const near = entry === "" ? gapNear(lines, pointer, GAP_PX / view.zoom) : -1;
    return near >= 0 ? near : last;
  }

  leave(): void {
    this.store.setState({ pointer: null, caughts: [] });
  }

  /** Steps to the next place the pointer could hold to. */
  nextCatch(): void {
    const measures = settingOutNow(this.state)?.measures.length ?? 0;
    this.store.setState({
      catchChoice: this.state.catchChoice + 1,
      measureAt: measures === 0 ? null : (measureNow(this.state) + 1) % measures,
    });
    this.aim();
  }

  /** Steps to the next kind of face that is held to first. */
  nextCatching(): void {
    const catching = nextCatching(this.state.catching);
    keepCatching(catching);
    this.store.setState({ catching });
    if (this.state.pointer) this.pointAt(this.state.pointer);
  }

  /** Finds the next point another way, by what the pointer has caught. */
  aimBy(way: Parameters<typeof aimBy>[1]): boolean {
    const next = aimBy(this.state, way, lastPoint(this.state));
    if (!next) return false;
    this.store.setState(next);
    this.aim();
    return true;
  }

  /** Holds a direction, in radians. */
  hold(held: number): void {
    this.store.setState({ aim: { ...this.state.aim, held } });
    this.aim();
  }

  aim(): void {
    this.sync.previews.show(this.state.version ? null : editMeant(this.state));
  }

  click(pointer: ModelPoint, more: boolean): Promise<void> {
    this.pointAt(pointer);
    return this.take(pointer, more);
  }

  /** Takes what is pointed at, caught, aimed or typed. */
  async take(pointer: ModelPoint, more: boolean): Promise<void> {
    const { tool } = this.state;
    switch (tool.name) {
      case "select":
        return this.selection.select(pointer, more);
      case "run":
        return this.picking.run();
      case "rectangle":
        return this.picking.rectangle(tool);
      case "limit":
        return this.picking.limit(tool);
      case "floor":
      case "void":
        return this.inHeight.outline(tool);
      case "stair":
        return this.inHeight.stair(tool);
      case "well":
        return this.inHeight.well(tool);
      case "section":
        return this.inHeight.section(tool);
      case "storeys":
        return;
      case "beside":
        return this.besides.beside(tool);
      case "reach":
        return this.picking.reach(tool);
      case "cut":
        return this.picking.cut(tool);
      case "piece":
      case "post":
      case "door":
      case "window":
      case "room":
      case "fitting":
        await this.picking.make();
        return;
      case "paste":
        await this.picking.make(fresh("select"));
        return;
      case "bend":
        return this.pickBend(pointer);
      case "move":
      case "copy":
        if (this.state.selection.length === 0) return this.selection.select(pointer, false);
        return this.picking.shift(tool.name, tool.from);
      case "turn":
        if (this.state.selection.length === 0) return this.selection.select(pointer, false);
        return this.picking.turn(tool);
      case "mirror":
        if (this.state.selection.length === 0) return this.selection.select(pointer, false);
        return this.picking.mirror(tool);
      case "measure":
        this.picking.measure(tool);
        return this.readMeasure();
      case "scale":
        return this.picking.scale(tool);
      case "string":
        return this.picking.string();
      case "note":
        this.store.setState({ tool: { name: "note", at: pointer } });
        return;
      case "place":
        if (await placeDrawing(this.store, this.sync, tool.drawing, pointer)) this.choose("select");
        return;
      case "end":
        return;
    }
  }

  /** Scales a picture to trace from by two points of it. */
  scaleTracing(tracing: string): void {
    this.choose("select");
    this.store.setState({ tool: { name: "scale", tracing, points: [] } });
  }

  /** Drags what is selected; an end of the one wall selected, where that is taken hold of. */
  startDrag(from: ModelPoint, end: End | null): void {
    const wall = wallSelected(this.state);
    this.store.setState({
      tool: end && wall ? { name: "end", wall: wall.id, end } : { name: "move", from },
      entry: "",
    });
  }

  async endDrag(): Promise<void> {
    const edit = editMeant(this.state);
    this.store.setState({ tool: { name: "select" }, caughts: [], aim: NO_AIM });
    if (edit) await this.sync.edit(edit);
    this.sync.previews.show(null);
  }

  /** Click the wall first, unless one is selected, then what it runs through. */
  private async pickBend(pointer: ModelPoint): Promise<void> {
    if (!wallSelected(this.state)) return this.selection.select(pointer, false);
    if (await this.picking.make()) this.store.setState({ selection: [] });
  }

  /** Steps back once: what is typed, how the next point is found, the last pick, the tool, the selection. */
  escape(): void {
    const { tool, entry, selection, box } = this.state;
    this.store.setState({ saying: null });
    const aim = aimBack(this.state);
    const back = stepBack(tool);
    const { well } = this.state;
    if (entry !== "") this.entering.type("");
    else if (box) this.store.setState({ box: null });
    else if (aim) this.store.setState({ aim });
    else if (well) this.store.setState({ well: null });
    else if (back) {
      this.store.setState({ tool: back });
      void this.readMeasure();
    } else if (tool.name !== "select") this.choose("select");
    else if (selection.length > 0) this.selection.selectJust([]);
    this.aim();
  }

  /** Redo brings a pick back while a tool has some to bring, else the last undone edit. */
  async redo(): Promise<void> {
    const { tool } = this.state;
    const again = stepOn(tool);
    if (again) this.store.setState({ tool: again });
    else await this.sync.redo();
  }

  /** Copies what is selected, held at what the pointer has caught or points at. */
  async copy(): Promise<void> {
    const { selection, project, pointer, nearby, view } = this.state;
    if (selection.length === 0) return this.store.setState({ saying: "Select what to copy first." });
    const caught = pointer && placesAt(nearby, pointer, CATCH_PX / view.zoom)[0];
    await copy(project, selection, caught?.at ?? pointer ?? { x: 0, y: 0 });
    const things = selection.length === 1 ? "1 thing" : `${selection.length} things`;
    const held = caught ? `, held at ${caught.caught.words}` : "";
    this.store.setState({ saying: `Copied ${things}${held}.` });
  }

  paste(): void {
    if (copied()) this.choose("paste");
    else this.store.setState({ saying: "Nothing was copied yet: select things and press Ctrl C." });
  }

  private async readMeasure(): Promise<void> {
    const { tool } = this.state;
    if (tool.name !== "measure" || tool.points.length < 2) return this.store.setState({ measured: null });
    const points = tool.points.map((p): [number, number] => [p.x, p.y]);
    const units = unitsOf(this.state);
    const measured = await answerOf(api.POST("/api/v1/measures", { body: { points, units } }));
    if (this.state.tool === tool) this.store.setState({ measured });
  }
}

/** The last point picked for the active tool: directions and squares are taken from it. */
function lastPoint(state: BoardState): ModelPoint | undefined {
  const { tool, aim } = state;
  if (aim.base) return aim.base.at;
  switch (tool.name) {
    case "run": {
      const last = tool.picks[tool.picks.length - 1];
      return last && pointOf(last);
    }
    case "measure":
    case "scale":
      return tool.points[tool.points.length - 1];
    case "floor":
    case "void": {
      const last = tool.picks[tool.picks.length - 1];
      return last && pointOf(last);
    }
    case "section":
    case "stair":
    case "well":
    case "limit":
      return tool.from ? pointOf(tool.from) : undefined;
    case "move":
    case "copy":
    case "mirror":
      return tool.from ?? undefined;
    case "turn":
      return tool.centre ?? undefined;
    default:
      return undefined;
  }
}
