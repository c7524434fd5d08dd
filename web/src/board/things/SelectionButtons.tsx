import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";

export function DeleteButton() {
  const { actions } = useBoardTools();
  return (
    <Button className="mt-4" onClick={() => void actions.changing.remove()}>
      Delete
    </Button>
  );
}

/** Ways on from what is selected: more of the same, and out of the way for now. */
export function SelectionButtons() {
  const { actions } = useBoardTools();
  const one = useBoard((s) => s.selection.length === 1);
  const walls = useBoard((s) => s.selection.some((id) => s.elements.get(id)?.type === "wall"));
  const link = "text-verdigris underline hover:text-ink";
  return (
    <div className="mt-4 flex flex-wrap gap-x-3 gap-y-1 border-rule border-t pt-3">
      <span className="text-ink-2">Select</span>
      {one && (
        <button type="button" className={link} onClick={() => actions.selection.selectAlike()}>
          alike
        </button>
      )}
      {walls && (
        <button
          type="button"
          className={link}
          title="Shift J"
          onClick={() => actions.selection.selectJoined()}
        >
          along joined walls
        </button>
      )}
      <button type="button" className={link} title="Shift I" onClick={() => actions.selection.selectOthers()}>
        all others
      </button>
      <span className="w-full" />
      <span className="text-ink-2">For now</span>
      <button type="button" className={link} title="Shift H" onClick={() => actions.selection.hideSelected()}>
        hide
      </button>
      <button type="button" className={link} title="Shift L" onClick={() => actions.selection.lockSelected()}>
        lock
      </button>
      {walls && (
        <>
          <span className="w-full" />
          <button
            type="button"
            className={link}
            title="I"
            onClick={() => void actions.changing.turnInsideOut()}
          >
            Turn inside out
          </button>
        </>
      )}
    </div>
  );
}
