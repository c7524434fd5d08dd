import { printLength } from "../../measure/print";
import { pointOf } from "../catch/points";
import { useBoard } from "../state/context";
import { type BoardState, caughtNow, unitsOf } from "../state/state";
import { toScreen } from "../state/view";
import { wallBeingDrawn } from "../tools/run";

/** What the pointer has caught, and why a thing cannot go where it points, in words beside it. */
export function PointerWords() {
  const caught = useBoard(caughtNow);
  const refusal = useBoard((s) => s.preview?.refusal ?? null);
  const pointer = useBoard((s) => s.pointer);
  const view = useBoard((s) => s.view);
  const size = useBoard((s) => s.size);
  const drawn = useBoard(drawnLength);
  const clear = useBoard((s) => s.preview?.length ?? null);
  const at = caught?.at ?? pointer;
  if (!at || (!caught && !refusal && !drawn)) return null;
  const screen = toScreen(at, view, size);
  const flip = screen.x > size.width - 260;
  return (
    <div
      className="pointer-events-none absolute max-w-72 rounded border border-rule bg-paper px-2 py-0.5 text-ochre text-xs"
      style={{
        left: screen.x + (flip ? -12 : 12),
        top: Math.max(4, screen.y - 30),
        transform: flip ? "translateX(-100%)" : undefined,
      }}
    >
      {drawn && <div className="font-drawing font-semibold text-ink text-sm">{drawn}</div>}
      {drawn && clear && <div className="font-drawing text-ink-2">{clear} clear</div>}
      {caught && <div>{caught.caught.words}</div>}
      {refusal && <div className="text-oxide">{refusal}</div>}
    </div>
  );
}

/** How long the wall being drawn is along its set-out line; null while none is. */
function drawnLength(state: BoardState): string | null {
  const ends = wallBeingDrawn(state);
  if (!ends) return null;
  const [a, b] = [pointOf(ends[0]), pointOf(ends[1])];
  return printLength(Math.hypot(b.x - a.x, b.y - a.y), unitsOf(state));
}
