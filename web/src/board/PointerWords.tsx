import { useBoard } from "./context";
import { caughtNow } from "./state";
import { toScreen } from "./view";

/** What the pointer has caught, and why a thing cannot go where it points, in words beside it. */
export function PointerWords() {
  const caught = useBoard(caughtNow);
  const refusal = useBoard((s) => s.preview?.refusal ?? null);
  const pointer = useBoard((s) => s.pointer);
  const view = useBoard((s) => s.view);
  const size = useBoard((s) => s.size);
  const at = caught?.at ?? pointer;
  if (!at || (!caught && !refusal)) return null;
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
      {caught && <div>{caught.caught.words}</div>}
      {refusal && <div className="text-oxide">{refusal}</div>}
    </div>
  );
}
