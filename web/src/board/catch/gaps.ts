import { answerOf, api } from "../../api/client";
import type { GapAnswer } from "../../api/types";
import { wallSelected } from "../state/state";
import type { BoardStore } from "../state/store";
import type { ModelPoint } from "../state/view";
import { distance, footOn } from "./near";

/** Keeps the gaps of the one wall selected in step with the model. */
export class GapReader {
  private asked = 0;
  private readonly stop: () => void;

  constructor(private readonly store: BoardStore) {
    this.stop = store.subscribe((now, before) => {
      const wall = wallSelected(now);
      const changed = wall?.id !== wallSelected(before)?.id || now.revision !== before.revision;
      if (changed) void this.read();
    });
  }

  end(): void {
    this.stop();
  }

  async read(): Promise<void> {
    const state = this.store.getState();
    const wall = wallSelected(state);
    const asked = ++this.asked;
    if (!wall || state.version || state.shown?.kind !== "drawing") {
      if (state.gaps.length > 0) this.store.setState({ gaps: [] });
      return;
    }
    const gaps = await answerOf(
      api.GET("/api/v1/projects/{project}/gaps", {
        params: { path: { project: state.project }, query: { wall: wall.id, faces: state.faces } },
      }),
    ).catch(() => []);
    if (asked === this.asked) this.store.setState({ gaps });
  }
}

/** The gap whose line passes nearest to a point within reach; -1 where none does. */
export function gapNear(
  gaps: readonly Pick<GapAnswer, "from" | "to">[],
  p: ModelPoint,
  reach: number,
): number {
  let best = -1;
  let nearest = reach;
  gaps.forEach(({ from, to }, i) => {
    const off = distance(footOn(from, to, p), p);
    if (off <= nearest) {
      best = i;
      nearest = off;
    }
  });
  return best;
}
