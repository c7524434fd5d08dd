import { answerOf, api } from "../api/client";
import type { Pick, Sheet } from "../api/types";
import { boxOf } from "./boxes";
import { type BoardState, caughtNow, elementOf, elementsOf, type ToolName, typedMm, unitsOf } from "./state";
import type { BoardStore } from "./store";
import type { Sync } from "./sync";
import { freePick } from "./tools/aim";
import { closes, editMeant, nextPick, runThrough } from "./tools/edits";
import { fresh } from "./tools/prompts";
import { nextSetOut } from "./tools/setOut";
import type { ModelPoint } from "./view";

const CATCH_PX = 11;
const PICK_PX = 5;

/** What hands do on a board. */
export class Actions {
  constructor(
    private readonly store: BoardStore,
    private readonly sync: Sync,
  ) {}

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
    });
    this.sync.previews.show(null);
  }

  pointAt(pointer: ModelPoint): void {
    const { tool, nearby, view, shown } = this.state;
    const catching = shown?.kind === "drawing" && ["run", "string", "move", "post"].includes(tool.name);
    const caughts = catching
      ? nearby
          .catchesAt(pointer, CATCH_PX / view.zoom)
          .filter((c) => tool.name === "string" || c.caught.hold.type !== "atJamb")
      : [];
    this.store.setState({ pointer, caughts, catchChoice: 0 });
    this.aim();
  }

  leave(): void {
    this.store.setState({ pointer: null, caughts: [] });
  }

  /** Steps to the next place the pointer could hold to. */
  nextCatch(): void {
    this.store.setState({ catchChoice: this.state.catchChoice + 1 });
    this.aim();
  }

  aim(): void {
    this.sync.previews.show(this.state.version ? null : editMeant(this.state));
  }

  async click(pointer: ModelPoint, more: boolean): Promise<void> {
    this.pointAt(pointer);
    const { tool } = this.state;
    switch (tool.name) {
      case "select":
        return this.select(pointer, more);
      case "run":
        return this.pickRun();
      case "piece":
      case "post":
      case "door":
      case "window":
        return this.make();
      case "bend":
        return this.pickBend(pointer);
      case "move":
        return this.pickMove(pointer);
      case "string":
        return this.pickString();
      case "note":
        this.store.setState({ tool: { name: "note", at: pointer } });
        return;
      case "place":
        return this.placeDrawing(tool.drawing, pointer);
    }
  }

  private select(pointer: ModelPoint, more: boolean): void {
    const { nearby, view, selection } = this.state;
    const found = nearby.elementsAt(pointer, PICK_PX / view.zoom);
    const at = found.findIndex((id) => selection.includes(id));
    const next = found[(at + 1) % Math.max(found.length, 1)];
    if (!next) this.store.setState({ selection: more ? selection : [] });
    else if (more) {
      const kept = selection.filter((id) => id !== next);
      this.store.setState({ selection: kept.length === selection.length ? [...selection, next] : kept });
    } else this.store.setState({ selection: [next] });
  }

  /** Whether a thing that is selected lies under the pointer, so that it can be dragged. */
  isOnSelection(pointer: ModelPoint): boolean {
    const { nearby, view, selection } = this.state;
    return nearby.elementsAt(pointer, PICK_PX / view.zoom).some((id) => selection.includes(id));
  }

  startDrag(from: ModelPoint): void {
    this.store.setState({ tool: { name: "move", from } });
  }

  async endDrag(): Promise<void> {
    const edit = editMeant(this.state);
    this.store.setState({ tool: { name: "select" } });
    if (edit) await this.sync.edit(edit);
    this.sync.previews.show(null);
  }

  private async pickRun(): Promise<void> {
    const { tool } = this.state;
    const next = nextPick(this.state);
    if (tool.name !== "run" || !next) return;
    const close = closes(this.state, tool, next);
    const picks = close ? tool.picks : [...tool.picks, next];
    const ends = close || (tool.picks.length > 0 && next.hold.type === "onFace");
    if (ends) return this.finishRun(picks, close);
    this.store.setState({ tool: { name: "run", picks, undone: [] }, entry: "", reading: null });
    this.aim();
  }

  private async finishRun(picks: readonly Pick[], close: boolean): Promise<void> {
    const edit = runThrough(this.state, close ? [...picks, ...picks.slice(0, 1)] : picks, close);
    if (!edit) return;
    this.store.setState({ entry: "", reading: null });
    const stored = await this.sync.edit(edit);
    if (stored) this.store.setState({ tool: { name: "run", picks: [], undone: [] } });
  }

  private async make(): Promise<void> {
    const edit = editMeant(this.state);
    if (!edit) return;
    const stored = await this.sync.edit(edit);
    if (stored) this.store.setState({ entry: "", reading: null });
  }

  /** Click the wall first, unless one is selected, then what it runs through. */
  private async pickBend(pointer: ModelPoint): Promise<void> {
    const { selection, elements } = this.state;
    const isWall = selection.length === 1 && elements.get(selection[0] ?? "")?.type === "wall";
    if (!isWall) return this.select(pointer, false);
    await this.make();
    this.store.setState({ selection: [], entry: "", reading: null });
  }

  private async pickMove(pointer: ModelPoint): Promise<void> {
    const { tool, selection } = this.state;
    if (tool.name !== "move") return;
    if (selection.length === 0) return this.select(pointer, false);
    if (!tool.from) {
      const pick = freePick(this.state);
      if (pick) this.store.setState({ tool: { name: "move", from: { x: pick.at[0], y: pick.at[1] } } });
      return;
    }
    await this.make();
    this.store.setState({ tool: { name: "move", from: null } });
  }

  private async pickString(): Promise<void> {
    const { tool } = this.state;
    const caught = caughtNow(this.state);
    if (tool.name !== "string") return;
    if (caught) {
      this.store.setState({ tool: { name: "string", picks: [...tool.picks, caught], undone: [] } });
      this.aim();
    } else if (tool.picks.length >= 2) {
      const edit = editMeant(this.state);
      if (edit && (await this.sync.edit(edit)))
        this.store.setState({ tool: { name: "string", picks: [], undone: [] } });
    } else this.store.setState({ saying: "Nothing to hold to here: pick a face, an edge or a corner." });
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

  /** Takes what is typed; lengths are read by the server, so that there is one reader. */
  async type(entry: string): Promise<void> {
    this.store.setState({ entry, saying: null, readingChoice: 0 });
    const { tool } = this.state;
    if (tool.name === "note" || entry.trim() === "") {
      this.store.setState({ reading: null });
      this.aim();
      return;
    }
    const reading = await answerOf(
      api.POST("/api/v1/lengths", { body: { text: entry, units: unitsOf(this.state) } }),
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
    const { tool, entry, reading } = this.state;
    if (tool.name === "note") return this.writeNote();
    if (entry.trim() !== "" && typedMm(this.state) === undefined) {
      const why = reading?.reading.type === "unreadable" ? reading.reading.reason : null;
      this.store.setState({ saying: why });
      return;
    }
    if (tool.name === "run") {
      if (entry.trim() === "") return tool.picks.length >= 2 ? this.finishRun(tool.picks, false) : undefined;
      return this.pickRun();
    }
    if (["bend", "piece", "door", "window", "move"].includes(tool.name) && entry.trim() !== "") {
      await this.make();
      if (tool.name === "move")
        this.store.setState({ tool: { name: "move", from: null }, entry: "", reading: null });
    }
  }

  private async writeNote(): Promise<void> {
    const edit = editMeant(this.state);
    if (edit && (await this.sync.edit(edit)))
      this.store.setState({ tool: { name: "note", at: null }, entry: "" });
  }

  /** Steps back once: what is typed, the last pick, then the tool, then the selection. */
  escape(): void {
    const { tool, entry, selection } = this.state;
    this.store.setState({ saying: null });
    if (entry !== "") void this.type("");
    else if (tool.name === "run" && tool.picks.length > 0) {
      const undone = [...tool.undone, ...tool.picks.slice(-1)];
      this.store.setState({ tool: { name: "run", picks: tool.picks.slice(0, -1), undone } });
    } else if (tool.name === "string" && tool.picks.length > 0) {
      const undone = [...tool.undone, ...tool.picks.slice(-1)];
      this.store.setState({ tool: { name: "string", picks: tool.picks.slice(0, -1), undone } });
    } else if (tool.name === "move" && tool.from) this.store.setState({ tool: { name: "move", from: null } });
    else if (tool.name === "note" && tool.at) this.store.setState({ tool: { name: "note", at: null } });
    else if (tool.name !== "select") this.choose("select");
    else if (selection.length > 0) this.store.setState({ selection: [] });
    this.aim();
  }

  /** Redo brings a pick back while a tool has some to bring, else the last undone edit. */
  async redo(): Promise<void> {
    const { tool } = this.state;
    if (tool.name === "run" && tool.undone.length > 0) {
      const picks = [...tool.picks, ...tool.undone.slice(-1)];
      this.store.setState({ tool: { name: "run", picks, undone: tool.undone.slice(0, -1) } });
    } else if (tool.name === "string" && tool.undone.length > 0) {
      const picks = [...tool.picks, ...tool.undone.slice(-1)];
      this.store.setState({ tool: { name: "string", picks, undone: tool.undone.slice(0, -1) } });
    } else await this.sync.redo();
  }

  async remove(): Promise<void> {
    const { selection } = this.state;
    if (selection.length > 0) await this.sync.erase([...selection]);
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

  /** Selects every wall of the same build-up. */
  selectAlike(buildUp: string): void {
    const selection = elementsOf(this.state, "wall")
      .filter((w) => w.buildUp === buildUp)
      .map((w) => w.id);
    this.store.setState({ selection });
  }

  flipHinge(): void {
    this.store.setState({ making: { ...this.state.making, flipHinge: !this.state.making.flipHinge } });
    this.aim();
  }
}
