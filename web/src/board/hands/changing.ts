import type { Element, Faces, GapAnswer } from "../../api/types";
import { boxOf } from "../canvas/boxes";
import type { Sync } from "../link/sync";
import { handing, joining, keeping, revisions } from "../state/revisions";
import { type BoardState, elementOf } from "../state/state";
import type { BoardStore } from "../state/store";
import { nextSetOut } from "../things/setOut";

/** What keys and buttons change: of what is selected, or of what tools will make. */
export class Changing {
  constructor(
    private readonly store: BoardStore,
    private readonly sync: Sync,
    private readonly aim: () => void,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
  }

  /** Deletes what is selected; on a sheet, takes drawings off it: they stay in the register. */
  async remove(): Promise<void> {
    const { selection, shown } = this.state;
    if (selection.length === 0) return;
    const sheet = elementOf(this.state, "sheet", shown?.id);
    if (!sheet) {
      await this.sync.erase([...selection]);
      return;
    }
    const drawings = sheet.drawings.filter((p) => !selection.includes(p.drawing));
    if (drawings.length === sheet.drawings.length) return;
    this.store.setState({ selection: [] });
    await this.sync.revise({ ...sheet, drawings, type: "sheet" });
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

  /** Turns walls inside out about their set-out lines: those selected, or those to draw; a fitting to place a quarter. */
  async turnInsideOut(): Promise<void> {
    const { tool, making, selection } = this.state;
    const turned = (side: "LEFT" | "RIGHT") => (side === "LEFT" ? "RIGHT" : "LEFT");
    if (tool.name === "fitting") return this.turnFitting();
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

  /** Turns the door to place, or mirrors the fitting. */
  flipHinge(): void {
    const { making, tool } = this.state;
    const { fitting } = making;
    const next =
      tool.name === "fitting"
        ? { ...making, fitting: { ...fitting, mirrored: !fitting.mirrored } }
        : { ...making, flipHinge: !making.flipHinge };
    this.store.setState({ making: next });
    this.aim();
  }

  private turnFitting(): void {
    const { making } = this.state;
    const angle = (making.fitting.angle + Math.PI / 2) % (2 * Math.PI);
    this.store.setState({ making: { ...making, fitting: { ...making.fitting, angle } } });
    this.aim();
  }
}
