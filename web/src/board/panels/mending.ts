import type { Edit, Finding } from "../../api/types";
import { layerOf } from "../state/layers";
import { dimensioning, erasure, revision, toLayer } from "../state/revisions";
import type { BoardState } from "../state/state";

interface Mending {
  readonly words: string;
  readonly edit: Edit;
}

/** What puts a finding right with one click; null where a person has to decide. */
export function mendOf(
  state: Pick<BoardState, "elements" | "making">,
  { kind, concerns, remedy }: Finding,
): Mending | null {
  const concern = state.elements.get(concerns[0] ?? "");
  if (kind === "LAYER" && concern) {
    const edit = toLayer(concerns, layerOf(state, concern.type));
    return { words: remedy.replace(/\.$/, ""), edit };
  }
  if (kind === "SET_OUT" && concern?.type === "drawing")
    return {
      words: "Dimension what is missing",
      edit: { ...dimensioning(state, concern.id, []), inside: true },
    };
  if (kind === "NOTE" && (concern?.type === "note" || concern?.type === "keyMark")) {
    const targets = concern.leaders.targets.filter((t) => t.type !== "lost");
    const lost = targets.length < concern.leaders.targets.length;
    const leaders = { ...concern.leaders, targets };
    return lost ? { words: "Take the leader away", edit: revision({ ...concern, leaders }) } : null;
  }
  if (kind !== "STRING" || concern?.type !== "dimensionString") return null;
  const holds = concern.holds.filter((h) => h.type !== "lost");
  if (holds.length === concern.holds.length) return null;
  return holds.length < 2
    ? { words: "Delete the string", edit: erasure([concern.id]) }
    : { words: "Take out what is lost", edit: revision({ ...concern, holds }) };
}
