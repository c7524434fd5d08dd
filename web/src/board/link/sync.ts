import { answerOf, api, Offline, Refused, sentenceOf, windowId } from "../../api/client";
import { onRevised } from "../../api/events";
import type {
  Edit,
  EditAnswer,
  Element,
  Offered,
  OpeningAnswer,
  PictureAnswer,
  ProjectState,
  SetOut,
} from "../../api/types";
import { Views } from "../canvas/views";
import { GapReader } from "../catch/gaps";
import { keepMaking, makingKept } from "../state/keptMaking";
import { erasure, remaking, revision } from "../state/revisions";
import { type BoardState, elementOf, elementsOf, type Shown } from "../state/state";
import type { BoardStore } from "../state/store";
import { offeredTo, usualMaking } from "../state/usual";
import { InStep } from "./inStep";
import { overtaken } from "./overtaken";
import { Previews } from "./previews";
import { RETRY_MS, Showing } from "./showing";

/** Keeps one board and the server in step: loading, edits, undo, and what other windows do. */
export class Sync {
  private queue: Promise<void> = Promise.resolve();
  readonly views: Views;
  readonly previews: Previews;
  readonly gaps: GapReader;
  readonly showing: Showing;
  private readonly inStep: InStep;
  /** The last revision others were heard to have made. */
  private heard = -1;
  private readonly stopHearing: () => void;
  private readonly stopKeeping: () => void;

  constructor(private readonly store: BoardStore) {
    this.views = new Views(store);
    this.previews = new Previews(store);
    this.gaps = new GapReader(store);
    this.showing = new Showing(store, this.views);
    this.inStep = new InStep(store, () => this.showing.catchAnew());
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
    const asked = opening.then((o) => (o?.drawing === first.id ? o : this.showing.ask(first)));
    return this.show(first, asked);
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
      await this.showing.showWhatIsLeft();
    } catch (error) {
      this.store.setState({ saying: sentenceOf(error) });
    }
  }

  async lookAt(version: BoardState["version"]): Promise<void> {
    this.store.setState({ version, preview: null, selection: [], tool: { name: "select" } });
    await this.reload();
  }

  /** Shows a drawing or a sheet. @param asked its picture, where that was asked for already */
  show(shown: Shown, asked?: Promise<PictureAnswer>): Promise<void> {
    return this.showing.show(shown, asked);
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
    if (answer.picture && isOfShown && state.shown?.kind === "drawing")
      this.showing.change(answer.picture, answer.revision);
    else await this.showing.showWhatIsLeft();
  }
}

function byId(elements: readonly Element[]): Map<string, Element> {
  return new Map(elements.map((e) => [e.id, e]));
}

function stateOf({ elements, revision, undo, redo }: ProjectState): Partial<BoardState> {
  return { elements: byId(elements), revision, undo, redo };
}
