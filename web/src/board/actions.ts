import { answerOf, api } from "../api/client";
import type { Element, End, Faces, GapAnswer, Sheet } from "../api/types";
import { boxOf } from "./boxes";
import { copied, copy } from "./clipboard";
import { gapNear } from "./gaps";
import { Picking } from "./picking";
import { placesAt } from "./places";
import { handing, joining, keeping, revisions } from "./revisions";
import { alike, alongJoined, inBox, inverted, isFree } from "./selecting";
import {
  type BoardState,
  elementOf,
  elementsOf,
  faultOf,
  NO_AIM,
  type ToolName,
  typedAngle,
  typedMm,
  unitsOf,
  wallSelected,
} from "./state";
import type { BoardStore } from "./store";
import type { Sync } from "./sync";
import { aimBack, aimBy, isDecided, measuresMiss } from "./tools/aiming";
import { editMeant } from "./tools/edits";
import { pointOf } from "./tools/points";
import { bareAngle, pasteInPlace } from "./tools/rearrange";
import { nextSetOut } from "./tools/setOut";
import { AIMING, fresh, stepBack, stepOn } from "./tools/stages";
import type { ModelPoint } from "./view";

const CATCH_PX = 11;
const PICK_PX = 5;
const GAP_PX = 26;

/** What hands do on a board. */
export class Actions {
  readonly picking: Picking;

  constructor(
    private readonly store: BoardStore,
    private readonly sync: Sync,
  ) {
    this.picking = new Picking(store, sync, () => this.aim());
  }

  private get state(): BoardState {
    return this.store.getState();
  }

  choose(name: ToolName): void {
    this.store.setState({
      tool: fresh(name),
      entry: "",
      reading: null,
      saying: null,
      preview: null,
      caughts: [],
      aim: NO_AIM,
      measured: null,
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
        caughts: placesAt(nearby, pointer, reach, lastPoint(this.state)).filter((c) => this.isCatchable(c)),
        catchChoice: 0,
      });
    else if (onDrawing && tool.name === "string")
      this.store.setState({ pointer, caughts: nearby.catchesAt(pointer, reach), catchChoice: 0 });
    else this.store.setState({ pointer, caughts: [], gapAt: this.gapUnder(pointer) });
    this.aim();
  }

  private isCatchable(c: { caught: { hold: { type: string; wall?: string } } }): boolean {
    return !c.caught.hold.wall || !this.state.hidden.has(c.caught.hold.wall);
  }

  /** The gap whose figure is nearest to the pointer, or the one it was at last. */
  private gapUnder(pointer: ModelPoint): number {
    const { gaps, gapAt, view, entry } = this.state;
    const near = entry === "" ? gapNear(gaps, pointer, GAP_PX / view.zoom) : -1;
    return near >= 0 ? near : gapAt;
  }

  leave(): void {
    this.store.setState({ pointer: null, caughts: [] });
  }

  /** Steps to the next place the pointer could hold to. */
  nextCatch(): void {
    this.store.setState({ catchChoice: this.state.catchChoice + 1 });
    this.aim();
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
  private async take(pointer: ModelPoint, more: boolean): Promise<void> {
    const { tool } = this.state;
    switch (tool.name) {
      case "select":
        return this.select(pointer, more);
      case "run":
        return this.picking.run();
      case "rectangle":
        return this.picking.rectangle(tool);
      case "beside":
        return this.picking.beside(tool);
      case "reach":
        return this.picking.reach(tool);
      case "cut":
        return this.picking.cut(tool);
      case "piece":
      case "post":
      case "door":
      case "window":
        await this.picking.make();
        return;
      case "paste":
        if (await this.picking.make()) this.choose("select");
        return;
      case "bend":
        return this.pickBend(pointer);
      case "move":
      case "copy":
        if (this.state.selection.length === 0) return this.select(pointer, false);
        return this.picking.shift(tool.name, tool.from);
      case "turn":
        if (this.state.selection.length === 0) return this.select(pointer, false);
        return this.picking.turn(tool);
      case "mirror":
        if (this.state.selection.length === 0) return this.select(pointer, false);
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
        return this.placeDrawing(tool.drawing, pointer);
      case "end":
        return;
    }
  }

  /** Scales a picture to trace from by two points of it. */
  scaleTracing(tracing: string): void {
    this.choose("select");
    this.store.setState({ tool: { name: "scale", tracing, points: [] } });
  }

  private select(pointer: ModelPoint, more: boolean): void {
    const { nearby, view, selection } = this.state;
    const found = nearby.elementsAt(pointer, PICK_PX / view.zoom).filter((id) => isFree(this.state, id));
    const at = found.findIndex((id) => selection.includes(id));
    const next = found[(at + 1) % Math.max(found.length, 1)];
    if (!next) this.selectJust(more ? selection : []);
    else if (more) {
      const kept = selection.filter((id) => id !== next);
      this.selectJust(kept.length === selection.length ? [...selection, next] : kept);
    } else this.selectJust([next]);
  }

  /** Selects just these. */
  selectJust(selection: readonly string[]): void {
    this.store.setState({ selection, entry: "", reading: null, otherMoves: false, gapAt: 0 });
    this.aim();
  }

  /** Whether a thing that is selected lies under the pointer, so that it can be dragged. */
  isOnSelection(pointer: ModelPoint): boolean {
    return this.under(pointer).some((id) => this.state.selection.includes(id));
  }

  /** Whether anything that can be selected lies under the pointer. */
  isOnAnything(pointer: ModelPoint): boolean {
    return this.under(pointer).length > 0;
  }

  private under(pointer: ModelPoint): string[] {
    const { nearby, view } = this.state;
    return nearby.elementsAt(pointer, PICK_PX / view.zoom).filter((id) => isFree(this.state, id));
  }

  /** Drags what is selected; an end of the one wall selected, where that is taken hold of. */
  startDrag(from: ModelPoint, end: End | null): void {
    const wall = wallSelected(this.state);
    this.store.setState({
      tool: end && wall ? { name: "end", wall: wall.id, end } : { name: "move", from },
      entry: "",
      reading: null,
    });
  }

  async endDrag(): Promise<void> {
    const edit = editMeant(this.state);
    this.store.setState({ tool: { name: "select" }, caughts: [], aim: NO_AIM });
    if (edit) await this.sync.edit(edit);
    this.sync.previews.show(null);
  }

  /** A box from clear paper takes what lies inside it; one from a thing takes all it touches. */
  startBox(from: ModelPoint, touching: boolean): void {
    this.store.setState({ box: { from, to: from, touching } });
  }

  stretchBox(to: ModelPoint): void {
    const { box } = this.state;
    if (box) this.store.setState({ box: { ...box, to } });
  }

  endBox(more: boolean): void {
    const { box, selection } = this.state;
    if (!box) return;
    const found = inBox(this.state, box);
    this.store.setState({ box: null });
    this.selectJust(more ? [...new Set([...selection, ...found])] : found);
  }

  selectAlike(): void {
    this.selectJust(alike(this.state));
  }

  /** Selects every wall of a build-up. */
  selectMadeOf(buildUp: string): void {
    this.selectJust(
      elementsOf(this.state, "wall")
        .filter((w) => w.buildUp === buildUp && isFree(this.state, w.id))
        .map((w) => w.id),
    );
  }

  selectOthers(): void {
    this.selectJust(inverted(this.state));
  }

  selectJoined(): void {
    this.selectJust(alongJoined(this.state));
  }

  hideSelected(): void {
    this.store.setState({ hidden: new Set([...this.state.hidden, ...this.state.selection]) });
    this.selectJust([]);
  }

  lockSelected(): void {
    this.store.setState({ locked: new Set([...this.state.locked, ...this.state.selection]) });
    this.selectJust([]);
  }

  showAll(): void {
    this.store.setState({ hidden: new Set(), locked: new Set() });
  }

  /** Click the wall first, unless one is selected, then what it runs through. */
  private async pickBend(pointer: ModelPoint): Promise<void> {
    if (!wallSelected(this.state)) return this.select(pointer, false);
    await this.picking.make();
    this.store.setState({ selection: [], entry: "", reading: null });
  }

  private async placeDrawing(drawing: string, at: ModelPoint): Promise<void> {
    const { shown, elements } = this.state;
    const sheet = shown ? elements.get(shown.id) : undefined;
    if (sheet?.type !== "sheet") return;
    const placed = sheet.drawings.find((p) => p.drawing === drawing);
    const anchor = placed?.anchor ?? (await this.middleOf(drawing));
    const others = sheet.drawings.filter((p) => p.drawing !== drawing);
    const next: Sheet = { ...sheet, drawings: [...others, { drawing, anchor, at: [at.x, at.y] }] };
    const stored = await this.sync.revise({ ...next, type: "sheet" });
    if (stored) this.choose("select");
  }

  /** The middle of what a drawing shows. */
  private async middleOf(drawing: string): Promise<[number, number]> {
    const path = { project: this.state.project, drawing };
    const { picture } = await answerOf(
      api.GET("/api/v1/projects/{project}/drawings/{drawing}/picture", { params: { path } }),
    );
    const box = boxOf(picture.groups, picture.scale);
    return box ? [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] : [0, 0];
  }

  /** Takes what is typed; the server reads it, so that there is one reader. */
  async type(entry: string): Promise<void> {
    this.store.setState({ entry, saying: null, readingChoice: 0 });
    const { tool } = this.state;
    if (tool.name === "note" || entry.trim() === "") {
      this.store.setState({ reading: null });
      this.aim();
      return;
    }
    const reading = await answerOf(
      api.POST("/api/v1/entries", { body: { text: entry, units: unitsOf(this.state) } }),
    );
    if (this.state.entry !== entry) return;
    this.store.setState({ reading });
    this.aim();
  }

  chooseReading(readingChoice: 0 | 1): void {
    this.store.setState({ readingChoice });
    this.aim();
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
      await this.picking.make();
      return;
    }
    await this.take(this.state.pointer ?? { x: 0, y: 0 }, false);
  }

  /** An angle typed alone holds the direction. */
  private takesAngle(): boolean {
    const angle = typedAngle(this.state);
    if (angle === undefined || typedMm(this.state) !== undefined || this.state.tool.name === "turn")
      return false;
    this.store.setState({ entry: "", reading: null });
    this.hold(this.state.axes + angle);
    return true;
  }

  /** A length typed for a distance that is measured from a point. */
  private takesMeasure(): boolean {
    const { aim } = this.state;
    const mm = typedMm(this.state);
    if (mm === undefined || !aim.measured.some((m) => m.mm === null)) return false;
    const measured = aim.measured.map((m) => (m.mm === null ? { ...m, mm } : m));
    this.store.setState({ aim: { ...aim, measured }, entry: "", reading: null });
    this.aim();
    return true;
  }

  /** Enter alone ends a run, splits a wall, puts what is pasted where it was. */
  private async enterNothing(): Promise<void> {
    const { tool } = this.state;
    if (tool.name === "run" && tool.picks.length >= 2) return this.picking.finishRun(tool.picks, false);
    if (tool.name === "cut") return this.picking.split(tool);
    if (tool.name === "paste") {
      const edit = pasteInPlace(this.state);
      if (edit && (await this.sync.edit(edit))) this.choose("select");
    }
  }

  private async writeNote(): Promise<void> {
    const edit = editMeant(this.state);
    if (edit && (await this.sync.edit(edit)))
      this.store.setState({ tool: { name: "note", at: null }, entry: "" });
  }

  /** Steps back once: what is typed, how the next point is found, the last pick, the tool, the selection. */
  escape(): void {
    const { tool, entry, selection, box } = this.state;
    this.store.setState({ saying: null });
    const aim = aimBack(this.state);
    const back = stepBack(tool);
    if (entry !== "") void this.type("");
    else if (box) this.store.setState({ box: null });
    else if (aim) this.store.setState({ aim });
    else if (back) {
      this.store.setState({ tool: back });
      void this.readMeasure();
    } else if (tool.name !== "select") this.choose("select");
    else if (selection.length > 0) this.selectJust([]);
    this.aim();
  }

  /** Redo brings a pick back while a tool has some to bring, else the last undone edit. */
  async redo(): Promise<void> {
    const { tool } = this.state;
    const again = stepOn(tool);
    if (again) this.store.setState({ tool: again });
    else await this.sync.redo();
  }

  async remove(): Promise<void> {
    const { selection } = this.state;
    if (selection.length > 0) await this.sync.erase([...selection]);
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

  /** Steps the set-out line of walls to draw to the next face of their build-up. */
  stepSetOut(): void {
    const { making } = this.state;
    const buildUp = elementOf(this.state, "buildUp", making.wall.buildUp);
    if (!buildUp) return;
    const wall = { ...making.wall, setOut: nextSetOut(buildUp, making.wall.setOut) };
    this.store.setState({ making: { ...making, wall } });
    this.aim();
  }

  /** Turns walls inside out about their set-out lines: those selected, or those to draw. */
  async turnInsideOut(): Promise<void> {
    const { tool, making, selection } = this.state;
    const turned = (side: "LEFT" | "RIGHT") => (side === "LEFT" ? "RIGHT" : "LEFT");
    if (tool.name !== "select") {
      const wall = { ...making.wall, outside: turned(making.wall.outside) } as const;
      this.store.setState({ making: { ...making, wall } });
      this.aim();
      return;
    }
    const walls = selection.flatMap((id) => elementOf(this.state, "wall", id) ?? []);
    await this.reviseAll(walls.map((w) => ({ ...w, outside: turned(w.outside) })));
  }

  async reviseAll(elements: readonly Element[]): Promise<void> {
    if (elements.length > 0) await this.sync.edit(revisions(elements));
  }

  async joinInLine(): Promise<void> {
    await this.sync.edit(joining(this.state.selection));
  }

  /** Mirrors the whole house in an upright line through the middle of what is drawn. */
  async handHouse(): Promise<void> {
    const walls = [...this.state.groups.values()].filter(
      (g) => this.state.elements.get(g.element)?.type === "wall",
    );
    const box = boxOf(walls, this.state.scale);
    const x = box ? Math.round((box.minX + box.maxX) / 2) : 0;
    await this.sync.edit(handing(x));
  }

  /** Which of two walls a typed gap moves. */
  swapMover(): void {
    this.store.setState({ otherMoves: !this.state.otherMoves });
    this.aim();
  }

  measureBetween(faces: Faces): void {
    localStorage.setItem("lintel.faces", faces);
    this.store.setState({ faces });
    void this.sync.gaps.read();
    this.aim();
  }

  async keepGap(gap: GapAnswer): Promise<void> {
    const edit = keeping(gap, this.state.faces);
    if (edit) await this.sync.edit(edit);
  }

  flipHinge(): void {
    this.store.setState({ making: { ...this.state.making, flipHinge: !this.state.making.flipHinge } });
    this.aim();
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
