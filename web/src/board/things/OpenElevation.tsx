import type { Drawing, ElementOf } from "../../api/types";
import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { register, wholeFirst } from "../state/drawings";
import { type Elements, elementOf, elementsOf } from "../state/state";

/** Leads to the elevation of the side that a mark stands on. */
export function OpenElevation({ sign }: { readonly sign: ElementOf<"sign"> }) {
  const { sync } = useBoardTools();
  const seen = useBoard((s) => elevationAt(s, sign));
  if (!seen) return <p className="text-ink-2">No elevation of this side is drawn.</p>;
  return (
    <Button className="my-1" onClick={() => void sync.show({ kind: "drawing", id: seen.id })}>
      Open {seen.name}
    </Button>
  );
}

/** The elevation that looks most the way that a mark lies from the middle of what the walls of its storey are drawn by, as the core finds it. */
export function elevationAt({ elements }: Elements, sign: ElementOf<"sign">): Drawing | undefined {
  const storey = elementOf({ elements }, "drawing", sign.drawing)?.storey;
  const ends = elementsOf({ elements }, "wall")
    .filter((w) => w.storey === storey)
    .flatMap((w) => [w.start, w.end])
    .flatMap((end) => {
      const at = end.type === "atCorner" ? elementOf({ elements }, "corner", end.corner)?.at : end.at;
      return at ? [at] : [];
    });
  if (ends.length === 0) return undefined;
  const middle = (of: readonly number[]) => (Math.min(...of) + Math.max(...of)) / 2;
  const out = [
    sign.at[0] - middle(ends.map(([x]) => x)),
    sign.at[1] - middle(ends.map(([, y]) => y)),
  ] as const;
  let best: Drawing | undefined;
  let most = 0;
  for (const d of wholeFirst(register({ elements }))) {
    if (d.subject.type !== "facing") continue;
    const along = Math.cos(d.subject.angle) * out[0] + Math.sin(d.subject.angle) * out[1];
    if (along > most) [best, most] = [d, along];
  }
  return best;
}
