import { answerOf, api, Offline, sentenceOf } from "../../api/client";
import type { Group, Picture, PictureAnswer, PictureDifference } from "../../api/types";
import { backdropCatches, backdropOf } from "../canvas/backdrop";
import { byWhatIsPicked } from "../canvas/groups";
import { tracedLines } from "../canvas/traced";
import type { Views } from "../canvas/views";
import { Nearby } from "../catch/near";
import { type BoardState, elementsOf, type Shown } from "../state/state";
import type { BoardStore } from "../state/store";
import { KeptPictures } from "./keptPictures";

/** Until a server that does not answer is asked again. */
export const RETRY_MS = 1500;
/** How often a picture is asked for anew that edits overtook while it came. */
const PICTURE_TRIES = 5;

/** What the board shows: the picture of one drawing or sheet, as it comes from the server, and what lies behind it. */
export class Showing {
  private readonly kept = new KeptPictures();
  /** The revision that the picture on the board is of. */
  private drawnAt = -1;

  constructor(
    private readonly store: BoardStore,
    private readonly views: Views,
  ) {}

  private get state(): BoardState {
    return this.store.getState();
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

  /** The picture of a drawing or a sheet, as it is or was in the version that is looked at. */
  ask({ kind, id }: Shown): Promise<PictureAnswer> {
    const { project, version } = this.store.getState();
    const query = version ? { version: version.id } : {};
    return kind === "drawing"
      ? answerOf(
          api.GET("/api/v1/projects/{project}/drawings/{drawing}/picture", {
            params: { path: { project, drawing: id }, query },
          }),
        )
      : answerOf(
          api.GET("/api/v1/projects/{project}/sheets/{sheet}/picture", {
            params: { path: { project, sheet: id }, query },
          }),
        );
  }

  /** What cannot be shown is said, and leaves nothing else in its place; where the server does not answer it is asked again. */
  private async readShown({ id }: Shown, asked?: Promise<PictureAnswer>): Promise<void> {
    let waited = false;
    for (let first = asked; this.state.shown?.id === id; first = undefined) {
      try {
        await this.read(first);
        if (waited) this.store.setState({ saying: null });
        return;
      } catch (error) {
        if (this.state.shown?.id !== id) return;
        this.store.setState({ saying: sentenceOf(error) });
        if (!(error instanceof Offline))
          return this.setGroups(new Map(), this.state.scale, this.state.revision);
        waited = true;
        await new Promise((again) => setTimeout(again, RETRY_MS));
      }
    }
  }

  /** That of what is shown. One that an edit has overtaken while it came is asked for anew. */
  async read(asked?: Promise<PictureAnswer>, tries = PICTURE_TRIES): Promise<void> {
    const { shown } = this.store.getState();
    if (!shown) return;
    const { picture, revision } = await (asked ?? this.ask(shown));
    if (this.state.shown?.id !== shown.id) return;
    if (revision < this.state.revision && tries > 0) await this.read(undefined, tries - 1);
    else this.set(picture, shown, revision);
  }

  private set(picture: Picture, { id }: Shown, revision: number): void {
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
  catchAnew(): void {
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

  private async showFirst(): Promise<void> {
    const [first] = elementsOf(this.state, "drawing");
    if (first) await this.show({ kind: "drawing", id: first.id });
  }

  /** What an edit changed of the picture. */
  change({ changed, gone, scale }: PictureDifference, revision: number): void {
    const groups = new Map(this.state.groups);
    for (const id of gone) groups.delete(id);
    for (const g of changed) groups.set(g.element, g);
    this.setGroups(groups, scale, revision);
  }

  /** The shown drawing or sheet may be gone after an undo. */
  async showWhatIsLeft(): Promise<void> {
    const { shown, elements } = this.state;
    if (shown && !elements.has(shown.id)) await this.showFirst();
    else await this.read();
  }
}
