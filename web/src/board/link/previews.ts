import { answerOf, api, Offline, sentenceOf } from "../../api/client";
import type { Edit, PreviewAnswer } from "../../api/types";
import { wallSelected } from "../state/state";
import type { BoardStore } from "../state/store";
import { toolOf } from "../tools";

/**
 * Shows what an edit would do. One request is in flight at a time; what is asked for meanwhile waits, and only the latest
 * of it is asked. Answers come in order, so each is newer than what is shown.
 */
export class Previews {
  private wanted: Edit | null = null;
  private asking = false;
  /** Counts how often nothing was meant any more: answers asked for before that are dropped. */
  private ended = 0;
  /** Edits on their way: what they do stays on the board, and nothing is asked of a model that is about to change. */
  private held = 0;
  /** What the preview shown answers, and of which revision: the same is not asked twice. */
  private answered: string | null = null;

  /** What was tried last so that it is ready. */
  private readied: string | null = null;
  /** What came of these, by question. */
  private readonly answers = new Map<string, PreviewAnswer>();

  constructor(private readonly store: BoardStore) {}

  show(edit: Edit | null): void {
    this.wanted = edit;
    if (edit === null) {
      this.ended++;
      this.answered = null;
    }
    if (this.held === 0) this.showWanted();
  }

  hold(): void {
    this.held++;
  }

  release(): void {
    this.held--;
    if (this.held === 0) this.showWanted();
  }

  private showWanted(): void {
    if (this.wanted === null) {
      if (this.store.getState().preview) this.store.setState({ preview: null });
    } else if (!this.asking) void this.ask();
  }

  private async ask(): Promise<void> {
    this.asking = true;
    while (this.wanted && this.held === 0) {
      const edit = this.wanted;
      const ended = this.ended;
      this.wanted = null;
      const asked = this.question(edit);
      if (asked === this.answered && this.store.getState().preview) continue;
      try {
        const answer = await this.send(edit);
        if (ended === this.ended && this.held === 0 && answer.revision === this.store.getState().revision)
          this.take(answer, asked);
      } catch (error) {
        if (!(error instanceof Offline)) this.store.setState({ saying: sentenceOf(error) });
      }
    }
    this.asking = false;
  }

  /**
   * Tries edits one of which may be made soon, one after another, so that it shows at once then. Given up once the model changes
   * or something is to be shown.
   */
  async ready(edits: readonly Edit[]): Promise<void> {
    const of = this.question(edits);
    if (of === this.readied) return;
    this.readied = of;
    this.answers.clear();
    for (const edit of edits) {
      if (this.held > 0 || this.wanted || this.question(edits) !== of) return;
      try {
        const answer = await this.send(edit);
        if (this.question(edits) === of) this.answers.set(this.question(edit), answer);
      } catch {
        return;
      }
    }
  }

  /** An edit is about to be made: where it was tried so that it is ready, it shows as it will be until the server answers. */
  made(edit: Edit): void {
    const asked = this.question(edit);
    const answer = this.answers.get(asked);
    if (answer && this.held === 0 && answer.refusal === null) this.take(answer, asked, true);
  }

  private question(edit: Edit | readonly Edit[]): string {
    return JSON.stringify([edit, this.query(), this.store.getState().revision]);
  }

  /** What is asked besides: of which drawing, and which measures. */
  private query() {
    const state = this.store.getState();
    const { shown, faces } = state;
    const drawing = shown?.kind === "drawing" ? { drawing: shown.id } : {};
    const wall = wallSelected(state);
    const along = toolOf(state.tool).along === true || state.settingOut !== null;
    return {
      ...drawing,
      ...(wall ? { gapsOf: wall.id } : {}),
      ...(wall || along ? { faces } : {}),
      ...(along ? { settingOut: true } : {}),
    };
  }

  private send(edit: Edit): Promise<PreviewAnswer> {
    const { project } = this.store.getState();
    const query = this.query();
    return answerOf(
      api.POST("/api/v1/projects/{project}/previews", { params: { path: { project }, query }, body: edit }),
    );
  }

  private take(answer: PreviewAnswer, asked: string, made = false): void {
    this.answered = asked;
    const { entry, preview, saying, refused } = this.store.getState();
    const typing = entry !== "";
    const stays = answer.refusal !== null && typing ? (preview?.settingOut ?? null) : null;
    this.store.setState({
      ...(answer.refusal === null && saying !== null && saying === refused ? { saying: null } : {}),
      preview: {
        groups: new Map(answer.picture?.changed.map((g) => [g.element, g]) ?? []),
        gone: new Set(answer.picture?.gone ?? []),
        name: answer.name,
        refusal: answer.refusal,
        gaps: answer.gaps,
        settingOut: answer.settingOut ?? stays,
        length: answer.length,
        made,
      },
    });
  }
}
