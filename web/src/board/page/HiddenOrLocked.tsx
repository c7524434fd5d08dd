import { useBoard, useBoardTools } from "../state/context";

/** Says what is hidden or locked for now, with the way back. */
export function HiddenOrLocked() {
  const { actions } = useBoardTools();
  const hidden = useBoard((s) => s.hidden.size);
  const locked = useBoard((s) => s.locked.size);
  if (hidden + locked === 0) return null;
  const words = [hidden > 0 && `${hidden} hidden`, locked > 0 && `${locked} locked`]
    .filter(Boolean)
    .join(", ");
  return (
    <div className="absolute top-3 left-3 flex items-center gap-2 rounded border border-rule bg-lime/95 px-2 py-1 text-ink-2">
      {words}
      <button type="button" className="text-verdigris underline" onClick={() => actions.selection.showAll()}>
        Show and unlock all
      </button>
    </div>
  );
}
