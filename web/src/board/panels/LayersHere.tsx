import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { onLayers, shownBy } from "../state/lenses";
import { drawingShown, elementOf, elementsOf } from "../state/state";

/** The layers of the drawing shown: each can be hidden on this board for now; what the lens hides is said. */
export function LayersHere() {
  const { store } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const off = useBoard((s) => s.layersOff);
  const lens = useBoard((s) => elementOf(s, "lens", drawingShown(s)?.lens));
  if (!lens) return null;
  const counts = onLayers({ elements });
  const layers = elementsOf({ elements }, "layer").filter((l) => counts.has(l.id));
  const toggle = (id: string) => {
    const next = new Set(off);
    if (!next.delete(id)) next.add(id);
    store.setState({ layersOff: next });
  };
  return (
    <fieldset className="mt-3 border-rule border-t pt-2">
      <legend className="sr-only">Layers shown</legend>
      <div className="flex items-center justify-between pb-1">
        <span className="text-ink-2">Layers, for now</span>
        <Button className="px-2 py-0" onClick={() => store.setState({ dialog: "lenses" })}>
          Layers and lenses
        </Button>
      </div>
      {layers.map((l) => {
        const shown = shownBy(lens, l.id);
        return (
          <label key={l.id} className="flex items-center gap-2 py-0.5">
            <input
              type="checkbox"
              disabled={shown === "HIDDEN"}
              checked={shown !== "HIDDEN" && !off.has(l.id)}
              onChange={() => toggle(l.id)}
            />
            {l.name}
            {shown !== "FULL" && (
              <span className="text-ink-3">{shown === "HIDDEN" ? "hidden by the lens" : "faint"}</span>
            )}
          </label>
        );
      })}
    </fieldset>
  );
}
