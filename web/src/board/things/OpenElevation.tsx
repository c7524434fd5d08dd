import type { Drawing, ElementOf } from "../../api/types";
import { Button } from "../../ui/controls";
import { boxOf } from "../canvas/boxes";
import { useBoard, useBoardTools } from "../state/context";
import { register } from "../state/drawings";
import type { BoardState } from "../state/state";

/** Leads to the elevation of the side that a mark stands on. */
export function OpenElevation({ sign }: { readonly sign: ElementOf<"sign"> }) {
  const { sync } = useBoardTools();
  const seen = useBoard((s) => elevationAt(s, sign.at));
  if (!seen) return <p className="text-ink-2">No elevation of this side is drawn.</p>;
  return (
    <Button className="my-1" onClick={() => void sync.show({ kind: "drawing", id: seen.id })}>
      Open {seen.name}
    </Button>
  );
}

/** The elevation that looks most the way that a place lies from the middle of the walls. */
export function elevationAt(
  { elements, groups }: Pick<BoardState, "elements" | "groups">,
  [x, y]: readonly [number, number],
): Drawing | undefined {
  const walls = [...groups].flatMap(([id, g]) => (elements.get(id)?.type === "wall" ? [g] : []));
  const box = boxOf(walls, 1);
  if (!box) return undefined;
  const out = [x - (box.minX + box.maxX) / 2, y - (box.minY + box.maxY) / 2] as const;
  let best: Drawing | undefined;
  let most = 0;
  for (const d of register({ elements })) {
    if (d.subject.type !== "facing") continue;
    const along = Math.cos(d.subject.angle) * out[0] + Math.sin(d.subject.angle) * out[1];
    if (along > most) [best, most] = [d, along];
  }
  return best;
}
