import { answerOf, api, Offline, Refused, sentenceOf, windowId } from "../../api/client";
import { onRevised } from "../../api/events";
import type {
  Edit,
  EditAnswer,
  Element,
  Group,
  Offered,
  OpeningAnswer,
  Picture,
  PictureAnswer,
  ProjectState,
  SetOut,
} from "../../api/types";
import { backdropCatches, backdropOf } from "../canvas/backdrop";
import { byWhatIsPicked } from "../canvas/groups";
import { tracedLines } from "../canvas/traced";
import { Views } from "../canvas/views";
import { GapReader } from "../catch/gaps";
import { Nearby } from "../catch/near";
import { keepMaking, makingKept } from "../state/keptMaking";
import { erasure, remaking, revision } from "../state/revisions";
import { type BoardState, elementOf, elementsOf, type Shown } from "../state/state";
import type { BoardStore } from "../state/store";
import { offeredTo, usualMaking } from "../state/usual";
import { InStep } from "./inStep";
import { KeptPictures } from "./keptPictures";
import { overtaken } from "./overtaken";
import { Previews } from "./previews";

const RETRY_MS = 1500;
/** How often a picture is asked for anew that edits overtook while it came. */
const PICTURE_TRIES = 5;

/** Keeps one board and the server in step: loading, edits, undo, and what other windows do. */
export class Sync {
  private queue: Promise<void> = Promise.resolve();
  readonly views: Views;
  readonly previews: Previews;
  readonly gaps: GapReader;
  private readonly inStep: InStep;
  private readonly kept = new KeptPictures();
  /** The revision that the picture on the board is of. */
  private drawnAt = -1;
  /** The last revision others were heard to have made. */
  private heard = -1;
  private readonly stopHearing: () => void;
  private readonly stopKeeping: () => void;

  constructor(private readonly store: BoardStore) {
    this.views = new Views(store);
    this.previews = new Previews(store);
    this.gaps = new GapReader(store);
    this.inStep = new InStep(store, () => this.catchAnew());
    globalThis.addEventListener?.("beforeunload", this.stay);
    this.stopKeeping = keepMaking(store);
    this.stopHearing = onRevised(this.state.project, (r) => {
      const { project, version } = store.getState();
      if (r.project !== project || r.window === windowId || version) return;
      this.heard = Math.max(this.heard, r.revision);
      void this.catchUp();
    });
  }

  /** Asks before a window is closed with something in it that the server has not taken yet. */
  private readonly stay = (e: Event): void => {
    if (this.state.saving !== "saved") e.preventDefault();
  };

  stop(): void {
    globalThis.removeEventListener?.("beforeunload", this.stay);
    this.stopHearing();
    this.stopKeeping();
    this.gaps.end();
    this.inStep.end();
  }

  get state(): BoardState {
    return this.store.getState();
  }

  private get path() {
    return { project: this.store.getState().project };
  }

  /** What a board needs is asked for at once, the first picture too. */
  async load(): Promise<void> {
    const opening = this.askOpening();
    try {
      const [state, papers, regions] = await Promise.all([
        this.askState(),
        answerOf(api.GET("/api/v1/papers")),
        answerOf(api.GET("/api/v1/regions")),
      ]);
      const [first] = elementsOf({ elements: byId(state.elements) }, "drawing");
      this.store.setState({ papers, ...stateOf(state) });
      this.offer(regions);
      this.store.setState({ loaded: true });
      if (first) await this.showOpening({ kind: "drawing", id: first.id }, opening);
      await this.catchUp();
    } catch (error) {
      this.store.setState({ fault: sentenceOf(error) });
    }
  }

  /** The picture that a project opens with; null where it is looked at as it was, or none came. */
  private async askOpening(): Promise<OpeningAnswer | null> {
    if (this.state.version) return null;
    try {
      return await answerOf(api.GET("/api/v1/projects/{project}/picture", { params: { path: this.path } }));
    } catch {
      return null;
    }
  }

  private showOpening(first: Shown, opening: Promise<OpeningAnswer | null>): Promise<void> {
    const asked = opening.then((o) => (o?.drawing === first.id ? o : this.askPicture(first)));
    return this.show(first, asked);
  }

  private async showFirst(): Promise<void> {
    const [first] = elementsOf(this.state, "drawing");
    if (first) await this.show({ kind: "drawing", id: first.id });
  }

  private askState(): Promise<ProjectState> {
    const { version } = this.store.getState();
    return version
      ? answerOf(
          api.GET("/api/v1/projects/{project}/versions/{version}/state", {
            params: { path: { ...this.path, version: version.id } },
          }),
        )
      : answerOf(api.GET("/api/v1/projects/{project}/state", { params: { path: this.path } }));
  }

  /** What the project's trade region offers, and what tools make by it, or made in this project last. */
  private offer(regions: readonly Offered[]): void {
    const offered = offeredTo(elementOf(this.state, "settings", "settings"), regions);
    if (!offered) return;
    const making = usualMaking(this.state, offered);
    this.store.setState({ offered, making: makingKept({ ...this.state, making }) });
  }

  /** Shows what others have changed; not before the project has been read at all. */
  private async catchUp(): Promise<void> {
    const { revision: seen, drawn, shown } = this.state;
    if (seen < 0 || drawn === null || this.heard <= seen) return;
    try {
      const answer = await answerOf(
        api.GET("/api/v1/projects/{project}/changes", {
          params: { path: this.path, query: { seen, ...this.drawing } },
        }),
      );
      const same = this.state.shown?.id === shown?.id;
      if (this.state.revision === seen) await this.accepted(answer, seen, same ? shown?.id : undefined);
      const { revision } = this.state;
      if (revision > seen && this.heard > revision) await this.catchUp();
    } catch (error) {
      if (!(error instanceof Offline)) await this.reload();
    }
  }

  /** Everything again, after others' edits or a broken connection. */
  async reload(): Promise<void> {
    try {
      this.store.setState(stateOf(await this.askState()));
      await this.showWhatIsLeft();
    } catch (error) {
      this.store.setState({ saying: sentenceOf(error) });
    }
  }

  async lookAt(version: BoardState["version"]): Promise<void> {
    this.store.setState({ version, preview: null, selection: [], tool: { name: "select" } });
    await this.reload();
  }

  /** Shows a drawing or a sheet, in the view it was left in. @param asked its picture, where that was asked for already */
  async show(shown: Shown, asked?: Promise<PictureAnswer>): Promise<void> {
    this.keepWhatIsShown();
    this.store.setState({
      shown,
      preview: null,
      selection: [],
      caughts: [],
      tool: { name: "select" },
      earlierViews: [],
      well: null,
      backdrop: { ...this.state.backdrop, drawing: null },
    });
    if (!this.showKept(shown)) await this.readShown(shown, asked);
    this.views.resume();
  }

  private keepWhatIsShown(): void {
    const { shown, drawn, groups, scale, version } = this.state;
    if (shown?.kind === "drawing" && drawn === shown.id && !version)
      this.kept.keep(shown.id, { groups, scale, revision: this.drawnAt });
  }

  /** A drawing that was shown before is, where nothing has changed since. */
  private showKept({ kind, id }: Shown): boolean {
    const { revision, version } = this.state;
    const known = kind === "drawing" && !version ? this.kept.at(id, revision) : undefined;
    if (!known) return false;
    this.setGroups(known.groups, known.scale, known.revision);
    this.store.setState({ drawn: id });
    return true;
  }

  private askPicture({ kind, id }: Shown): Promise<PictureAnswer> {
    const { version } = this.store.getState();
    const query = version ? { version: version.id } : {};
    return kind === "drawing"
      ? answerOf(
          api.GET("/api/v1/projects/{project}/drawings/{drawing}/picture", {
            params: { path: { ...this.path, drawing: id }, query },
          }),
        )
      : answerOf(
          api.GET("/api/v1/projects/{project}/sheets/{sheet}/picture", {
            params: { path: { ...this.path, sheet: id }, query },
          }),
        );
  }

  /** What cannot be shown is said, and leaves nothing else in its place; where the server does not answer it is asked again. */
  private async readShown({ id }: Shown, asked?: Promise<PictureAnswer>): Promise<void> {
    for (let first = asked; this.state.shown?.id === id; first = undefined) {
      try {
        return await this.readPicture(first);
      } catch (error) {
        if (this.state.shown?.id !== id) return;
        this.store.setState({ saying: sentenceOf(error) });
        if (!(error instanceof Offline))
          return this.setGroups(new Map(), this.state.scale, this.state.revision);
        await new Promise((again) => setTimeout(again, RETRY_MS));
      }
    }
  }

  /** One that an edit has overtaken while it came is asked for anew. */
  private async readPicture(asked?: Promise<PictureAnswer>, tries = PICTURE_TRIES): Promise<void> {
    const { shown } = this.store.getState();
    if (!shown) return;
    const { picture, revision } = await (asked ?? this.askPicture(shown));
    if (this.state.shown?.id !== shown.id) return;
    if (revision < this.state.revision && tries > 0) await this.readPicture(undefined, tries - 1);
    else this.setPicture(picture, shown, revision);
  }

  private setPicture(picture: Picture, { id }: Shown, revision: number): void {
    const groups = byWhatIsPicked(picture.groups);
    this.setGroups(groups, picture.scale, revision);
    this.store.setState({ drawn: id });
  }

  private setGroups(groups: ReadonlyMap<string, Group>, scale: number, revision: number): void {
    this.drawnAt = revision;
    const traced = tracedLines(groups.values(), () => this.catchAnew());
    const nearby = new Nearby(groups.values(), scale, [...traced, ...backdropCatches(this.state)]);
    this.store.setState({ groups, scale, nearby, preview: null });
  }

  /** Lines of a page to trace from have come: they can be caught now. */
  private catchAnew(): void {
    const { groups, scale } = this.store.getState();
    const more = [...tracedLines(groups.values()), ...backdropCatches(this.state)];
    this.store.setState({ nearby: new Nearby(groups.values(), scale, more) });
  }

  toggleBackdrop(): void {
    const { backdrop } = this.state;
    const on = { ...backdrop, on: backdropOf(this.state) === null };
    if (on.on && !backdropOf({ ...this.state, backdrop: on }))
      this.store.setState({ saying: "There is no storey for it there: choose a backdrop in Facts." });
    else this.setBackdrop(on);
  }

  /** Shows another drawing behind this one, or none. */
  setBackdrop(change: Partial<BoardState["backdrop"]>): void {
    this.store.setState({ backdrop: { ...this.state.backdrop, ...change } });
  }

  /** Makes an edit; true when the server has stored it. The preview stays until the answer replaces it. */
  edit(edit: Edit): Promise<boolean> {
    if (this.looksBack()) return Promise.resolve(false);
    const editId = crypto.randomUUID();
    const meantOn = this.state.elements;
    this.previews.made(edit);
    return this.inTurn(() => {
      const { revision, elements } = this.state;
      const late = overtaken(edit, meantOn, elements);
      const body = { editId, seen: revision, window: windowId, edit: late };
      return answerOf(
        api.POST("/api/v1/projects/{project}/edits", {
          params: { path: this.path, query: this.drawing },
          body,
        }),
      );
    });
  }

  /** Whether the board shows the project as it was: nothing is changed there, and that is said. */
  private looksBack(): boolean {
    const { version } = this.state;
    if (version)
      this.store.setState({
        saying: `“${version.name}” stays as it was. Go back to now to change something.`,
      });
    return version !== null;
  }

  /** Changes the facts of one element. */
  revise(element: Element): Promise<boolean> {
    return this.edit(revision(element));
  }

  /** Makes walls of another build-up, in one edit. @param setOut where it lies then; null on the same face as before */
  remake(walls: readonly string[], buildUp: string, setOut: SetOut | null): Promise<boolean> {
    return this.edit(remaking(walls, buildUp, setOut));
  }

  erase(elements: readonly string[]): Promise<boolean> {
    return this.edit(erasure(elements));
  }

  undo(): Promise<boolean> {
    return this.turnBack("/api/v1/projects/{project}/undo");
  }

  redo(): Promise<boolean> {
    return this.turnBack("/api/v1/projects/{project}/redo");
  }

  private turnBack(
    path: "/api/v1/projects/{project}/undo" | "/api/v1/projects/{project}/redo",
  ): Promise<boolean> {
    if (this.looksBack()) return Promise.resolve(false);
    const body = { editId: crypto.randomUUID(), window: windowId };
    return this.inTurn(() =>
      answerOf(api.POST(path, { params: { path: this.path, query: this.drawing }, body })),
    );
  }

  async goBack(version: string): Promise<boolean> {
    this.store.setState({ version: null });
    await this.reload();
    const body = { editId: crypto.randomUUID(), window: windowId };
    return this.inTurn(() =>
      answerOf(
        api.POST("/api/v1/projects/{project}/versions/{version}/go-back", {
          params: { path: { ...this.path, version }, query: this.drawing },
          body,
        }),
      ),
    );
  }

  private get drawing(): { drawing?: string } {
    const { shown } = this.store.getState();
    return shown?.kind === "drawing" ? { drawing: shown.id } : {};
  }

  /** One after another; a request the server did not answer is sent again until it does, under the same id. */
  private inTurn(send: () => Promise<EditAnswer>): Promise<boolean> {
    this.previews.hold();
    const done = this.queue.then(async () => {
      this.store.setState({ saving: "saving" });
      for (;;) {
        try {
          const of = this.state.shown?.id;
          await this.shown(await send(), of);
          return true;
        } catch (error) {
          if (error instanceof Offline) {
            this.store.setState({ saving: "offline" });
            await new Promise((again) => setTimeout(again, RETRY_MS));
            continue;
          }
          const refused = sentenceOf(error);
          this.store.setState({ saving: "saved", saying: refused, refused, preview: null });
          if (error instanceof Refused && error.kind === "overtaken") await this.reload();
          return false;
        }
      }
    });
    const released = done.finally(() => this.previews.release());
    this.queue = released.then(() => undefined);
    return released;
  }

  /** Shows what is stored. Where it cannot be shown that is said: it is stored all the same. */
  private async shown(answer: EditAnswer, of: string | undefined): Promise<void> {
    let fault = answer.fault;
    try {
      await this.accepted(answer, answer.revision - 1, of);
    } catch (error) {
      if (error instanceof Offline) throw error;
      fault = sentenceOf(error);
    }
    const news = answer.news.length > 0 ? answer.news.join(" ") : null;
    this.store.setState({ saving: "saved", saying: fault ?? news, ...(fault ? { preview: null } : {}) });
  }

  /**
   * @param seen the revision that the answer tells the changes from
   * @param of the drawing that it tells them of: where another is shown by now, that is read whole
   */
  private async accepted(answer: EditAnswer, seen: number, of: string | undefined): Promise<void> {
    const state = this.store.getState();
    if (state.revision !== seen) return this.reload();
    const elements = new Map(state.elements);
    for (const id of answer.removed) elements.delete(id);
    for (const e of answer.put) elements.set(e.id, e);
    const selection = state.selection.filter((id) => elements.has(id));
    this.store.setState({
      elements,
      selection,
      revision: answer.revision,
      undo: answer.undo,
      redo: answer.redo,
    });
    if (answer.fault) return;
    const isOfShown = of !== undefined && state.shown?.id === of && state.drawn === of;
    if (answer.picture && isOfShown && state.shown?.kind === "drawing") {
      const groups = new Map(state.groups);
      for (const id of answer.picture.gone) groups.delete(id);
      for (const g of answer.picture.changed) groups.set(g.element, g);
      this.setGroups(groups, answer.picture.scale, answer.revision);
    } else {
      await this.showWhatIsLeft();
    }
  }

  /** The shown drawing or sheet may be gone after an undo. */
  private async showWhatIsLeft(): Promise<void> {
    const state = this.store.getState();
    if (state.shown && !state.elements.has(state.shown.id)) {
      await this.showFirst();
    } else {
      await this.readPicture();
    }
  }
}

function byId(elements: readonly Element[]): Map<string, Element> {
  return new Map(elements.map((e) => [e.id, e]));
}

function stateOf({ elements, revision, undo, redo }: ProjectState): Partial<BoardState> {
  return { elements: byId(elements), revision, undo, redo };
}
