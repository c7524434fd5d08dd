import type { DrawParallel } from "../../api/types";
import { stepOf } from "../catch/aim";
import { sideOfPointer, wallUnderPointer } from "../catch/onWall";
import { workOf } from "../link/submitting";
import { BesideFacts } from "../making/NewWalls";
import { type BoardState, elementOf, faceOf, typedMm } from "../state/state";
import { newWall } from "./parts/newWall";
import type { Hands, ToolOf } from "./ToolOf";

export interface Beside {
  readonly name: "beside";
  readonly wall: string | null;
}

const fresh: Beside = { name: "beside", wall: null };

/** A wall beside the one picked or pointed at, on the pointer's side, and on from there. */
export const beside: ToolOf<Beside> = {
  name: "beside",
  words: "Wall beside a wall",
  makes: "wall",
  key: "j",
  also: "parallel distance offset",
  fresh,
  startsOn: (thing) => (thing.type === "wall" ? { name: "beside", wall: thing.id } : null),
  prompt: (_, { wall }) =>
    wall
      ? ["Wall beside a wall.", "Point to a side; type the distance, or click. Again for one more."]
      : ["Wall beside a wall.", "Point at the wall to draw another beside."],
  edit: (state, tool) => besideEdit(state, tool.wall),
  take: (hands, { wall }) => {
    if (wall) return queueOf(hands).add(wall);
    const under = wallUnderPointer(hands.state);
    if (under) hands.go({ name: "beside", wall: under });
    else hands.say("Point at the wall to draw another beside.");
  },
  back: (tool) => (tool.wall ? fresh : null),
  Facts: BesideFacts,
};

/** At the distance typed, last used or pointed at. */
function besideEdit(state: BoardState, picked: string | null): DrawParallel | null {
  const wall = newWall(state);
  const to = picked ?? wallUnderPointer(state);
  if (!wall || !to || !state.pointer) return null;
  const side = sideOfPointer(state, to);
  const clearMm = typedMm(state) ?? state.making.besideMm ?? offFace(state, to);
  return { type: "drawParallel", wall, beside: to, side, faces: state.faces, clearMm: Math.max(0, clearMm) };
}

/** How far the pointer lies from the nearer face of a wall, in steps that suit the zoom. */
function offFace(state: BoardState, wall: string): number {
  const { pointer } = state;
  const plies = elementOf(state, "buildUp", elementOf(state, "wall", wall)?.buildUp)?.plies.length ?? 0;
  const faces = [...faceOf(state, wall, 0), ...faceOf(state, wall, plies)];
  if (!pointer || faces.length === 0) return 0;
  const offs = faces.map(({ from, to }) => {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    return Math.abs(dx * (pointer.y - from[1]) - dy * (pointer.x - from[0])) / Math.hypot(dx, dy);
  });
  const step = stepOf(state);
  return Math.round(Math.min(...offs) / step) * step;
}

/**
 * One wall after another, each measured from the last. What is meant while the last is still being stored waits for it, as
 * it was typed and pointed at; where it is refused, what waits is set aside.
 */
class Queue {
  private last: Promise<void> = Promise.resolve();
  private waiting = 0;
  /** Whether one was refused that others waiting would be measured from. */
  private broken = false;
  /** The wall drawn beside each, for what was meant before it was there. */
  private readonly drawn = new Map<string, string>();

  constructor(private readonly hands: Hands) {}

  add(wall: string): Promise<void> {
    if (this.waiting === 0) {
      this.drawn.clear();
      this.broken = false;
    }
    const meant = this.hands.state;
    this.hands.set({ entry: "", saying: null });
    this.waiting++;
    this.last = this.last.then(() => this.draw(meant, wall)).finally(() => this.waiting--);
    return this.last;
  }

  private async draw(meant: BoardState, picked: string): Promise<void> {
    if (this.broken) return this.hands.setAside(workOf(meant));
    let wall = picked;
    for (let next = this.drawn.get(wall); next; next = this.drawn.get(wall)) wall = next;
    const { elements, groups, nearby } = this.hands.state;
    const tool: Beside = { name: "beside", wall };
    const edit = besideEdit({ ...meant, elements, groups, nearby, tool }, wall);
    if (!edit) return this.hands.setAside(workOf(meant));
    this.hands.set({ making: { ...this.hands.state.making, besideMm: edit.clearMm } });
    if (!(await this.hands.send(edit, { ...workOf(meant), tool }))) {
      this.broken = true;
      return;
    }
    const made = [...this.hands.state.elements.values()].find(
      (e) => e.type === "wall" && !elements.has(e.id),
    );
    if (!made) return;
    this.drawn.set(wall, made.id);
    if (this.hands.state.tool.name === "beside") this.hands.set({ tool: { name: "beside", wall: made.id } });
    this.hands.aim();
  }
}

/** One queue for each board. */
const queues = new WeakMap<Hands, Queue>();

function queueOf(hands: Hands): Queue {
  const queue = queues.get(hands) ?? new Queue(hands);
  queues.set(hands, queue);
  return queue;
}
