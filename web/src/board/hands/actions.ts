import type { Edit, Element, End } from "../../api/types";
import { aimBack, aimBy } from "../catch/aiming";
import { keepCatching, likes, nextCatching } from "../catch/catching";
import { gapNear } from "../catch/gaps";
import { placesAt, preferred } from "../catch/places";
import { copied, copy } from "../link/clipboard";
import { Submitting } from "../link/submitting";
import type { Sync } from "../link/sync";
import { takeInHand } from "../sheets/placing";
import {
  type BoardState,
  elementOf,
  measureNow,
  NO_AIM,
  settingOutNow,
  type Tool,
  type ToolName,
  type Work,
  wallSelected,
} from "../state/state";
import type { BoardStore } from "../state/store";
import type { ModelPoint, ScreenPoint } from "../state/view";
import { editMeant, fresh, toolOf } from "../tools";
import type { Hands } from "../tools/ToolOf";
import { Changing } from "./changing";
import { Entering } from "./entering";
import { Selection } from "./selection";

const CATCH_PX = 11;
const GAP_PX = 26;

/** What hands do on a board. */
export class Actions implements Hands {
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
    this.selection = new Selection(store, aim);
    this.changing = new Changing(store, sync, aim);
    this.entering = new Entering(store, this);
  }

  get state(): BoardState {
    return this.store.getState();
  }

  set(change: Partial<BoardState>): void {
    this.store.setState(change);
  }

  say(saying: string): void {
    this.store.setState({ saying });
  }

  go(tool: Tool): void {
    this.store.setState({ tool, entry: "", aim: NO_AIM, saying: null });
    this.aim();
  }

  async make(next: Tool = this.state.tool): Promise<boolean> {
    const edit = editMeant(this.state);
    return edit !== null && this.submit(edit, next);
  }

  submit(edit: Edit, next: Tool): Promise<boolean> {
    return this.submitting.submit(edit, next);
  }

  send(edit: Edit, work: Work): Promise<boolean> {
    return this.submitting.send(edit, work);
  }

  setAside(work: Work): void {
    this.submitting.setAside(work);
  }

  revise(element: Element): Promise<boolean> {
    return this.sync.revise(element);
  }

  select(pointer: ModelPoint, more: boolean): void {
    this.selection.select(pointer, more);
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
    if (toolOf({ name }).atOnce) this.aim();
  }

  pointAt(pointer: ModelPoint): void {
    const { tool, nearby, view, shown } = this.state;
    const reach = CATCH_PX / view.zoom;
    const onDrawing = shown?.kind === "drawing";
    if (onDrawing && toolOf(tool).aims)
      this.store.setState({
        pointer,
        caughts: placesAt(nearby, pointer, reach, lastPoint(this.state), likes(this.state)).filter((c) =>
          this.isCatchable(c),
        ),
        catchChoice: 0,
      });
    else if (onDrawing && toolOf(tool).holds)
      this.store.setState({
        pointer,
        caughts: preferred(nearby.holdsAt(pointer, reach), likes(this.state)),
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

  /** Steps to the next place the pointer could hold to, the next measure, the next gap. */
  nextCatch(): void {
    const measures = settingOutNow(this.state)?.measures.length ?? 0;
    this.store.setState({
      catchChoice: this.state.catchChoice + 1,
      measureAt: measures === 0 ? null : (measureNow(this.state) + 1) % measures,
      gapAt: this.state.gaps.length === 0 ? 0 : (this.state.gapAt + 1) % this.state.gaps.length,
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
    await toolOf(tool).take(this, tool, pointer, more);
  }

  /** Offers what makes sense for what is under the pointer, which is selected; while a tool is active, it is Enter. */
  async offer(at: ScreenPoint, pointer: ModelPoint): Promise<void> {
    if (this.state.tool.name !== "select") return this.entering.enter();
    if (!this.selection.isOnSelection(pointer)) this.selection.select(pointer, false);
    this.store.setState({ menu: { at, element: this.state.selection[0] ?? null } });
  }

  /** Scales a picture to trace from by two points of it. */
  scaleTracing(tracing: string): void {
    this.choose("select");
    this.store.setState({ tool: { name: "scale", tracing, points: [] } });
  }

  /** Drags what is selected; an end of the one wall selected, where that is taken hold of. */
  startDrag(from: ModelPoint, end: End | null): void {
    const [drawing] = this.state.selection;
    if (this.state.shown?.kind === "sheet" && drawing) return void takeInHand(this.store, drawing, from);
    const wall = wallSelected(this.state);
    this.store.setState({
      tool: end && wall ? { name: "end", wall: wall.id, end } : { name: "move", from },
      entry: "",
    });
  }

  /** What is picked twice: a drawing on a sheet is opened, a note is written in. */
  openPicked(): void {
    const { selection, shown, tool, version } = this.state;
    const [id] = selection;
    if (!id || tool.name !== "select") return;
    if (shown?.kind === "sheet") void this.sync.show({ kind: "drawing", id });
    else if (!version && elementOf(this.state, "note", id)) this.store.setState({ written: id });
  }

  async endDrag(): Promise<void> {
    const { tool, pointer } = this.state;
    if (tool.name === "place") return pointer ? void (await this.click(pointer, false)) : undefined;
    const edit = editMeant(this.state);
    this.store.setState({ tool: { name: "select" }, caughts: [], aim: NO_AIM });
    if (edit) await this.sync.edit(edit);
    this.sync.previews.show(null);
  }

  /** Steps back once: what is typed, how the next point is found, the last pick, the tool, the selection. */
  escape(): void {
    const { tool, entry, selection, box } = this.state;
    this.store.setState({ saying: null });
    const aim = aimBack(this.state);
    const back = toolOf(tool).back?.(tool);
    const { well } = this.state;
    if (entry !== "") this.entering.type("");
    else if (box) this.store.setState({ box: null });
    else if (aim) this.store.setState({ aim });
    else if (well) this.store.setState({ well: null });
    else if (back) {
      this.store.setState({ tool: back });
      void toolOf(back).stepped?.(this, back);
    } else if (tool.name !== "select") this.choose("select");
    else if (selection.length > 0) this.selection.selectJust([]);
    this.aim();
  }

  /** Redo brings a pick back while a tool has some to bring, else the last undone edit. */
  async redo(): Promise<void> {
    const { tool } = this.state;
    const again = toolOf(tool).on?.(tool);
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
}

/** The last point picked for the active tool: directions and squares are taken from it. */
function lastPoint({ tool, aim }: BoardState): ModelPoint | undefined {
  return aim.base ? aim.base.at : toolOf(tool).from?.(tool);
}
