import { useBoard, useBoardTools } from "../state/context";
import { changing, keptHidden } from "../state/lenses";
import { drawingShown, elementOf } from "../state/state";

/** Says what is hidden or locked for now, with the way back. */
export function HiddenOrLocked() {
  return (
    <div className="absolute top-3 left-3 flex max-w-[80%] flex-col items-start gap-1.5">
      <LayersOff />
      <Things />
    </div>
  );
}

/** Layers hidden for now: to be kept in the lens, or put back. */
function LayersOff() {
  const { store, sync } = useBoardTools();
  const off = useBoard((s) => s.layersOff);
  const elements = useBoard((s) => s.elements);
  const lens = useBoard((s) => elementOf(s, "lens", drawingShown(s)?.lens));
  if (off.size === 0) return null;
  const names = [...off].flatMap((id) => elementOf({ elements }, "layer", id)?.name ?? []);
  const putBack = () => store.setState({ layersOff: new Set() });
  const keep = async () => {
    if (lens && (await sync.revise(keptHidden(lens, off)))) putBack();
  };
  const button = "text-verdigris underline";
  return (
    <div className="rounded border border-ochre bg-ochre-2 px-2 py-1">
      <div className="flex items-center gap-2">
        <span>
          Hidden for now: <b className="font-semibold">{names.join(", ")}</b>
        </span>
        {lens && (
          <button type="button" className={button} onClick={() => void keep()}>
            Keep in the lens “{lens.name}”
          </button>
        )}
        <button type="button" className={button} onClick={putBack}>
          Put back
        </button>
      </div>
      {lens && <p className="text-ink-2">Kept: {changing({ elements }, lens.id)}</p>}
    </div>
  );
}

function Things() {
  const { actions } = useBoardTools();
  const hidden = useBoard((s) => s.hidden.size);
  const locked = useBoard((s) => s.locked.size);
  if (hidden + locked === 0) return null;
  const words = [hidden > 0 && `${hidden} hidden`, locked > 0 && `${locked} locked`]
    .filter(Boolean)
    .join(", ");
  return (
    <div className="flex items-center gap-2 rounded border border-rule bg-lime/95 px-2 py-1 text-ink-2">
      {words}
      <button type="button" className="text-verdigris underline" onClick={() => actions.selection.showAll()}>
        Show and unlock all
      </button>
    </div>
  );
}
