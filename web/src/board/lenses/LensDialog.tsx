import { useState } from "react";
import { Panel } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { drawingShown, elementOf } from "../state/state";
import { LayerFacts } from "./LayerFacts";
import { LensFacts } from "./LensFacts";
import { LensTable } from "./LensTable";

/** What is looked at closer under the table. */
export interface Chosen {
  readonly kind: "layer" | "lens";
  readonly id: string;
}

/** Layers down, lenses across: how each type of drawing shows each layer. What is chosen is told of under it. */
export function LensDialog() {
  const { store } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const here = useBoard((s) => drawingShown(s)?.lens);
  const [chosen, setChosen] = useState<Chosen | null>(here ? { kind: "lens", id: here } : null);
  const layer = elementOf({ elements }, "layer", chosen?.id);
  const lens = elementOf({ elements }, "lens", chosen?.id);
  return (
    <Panel title="Layers and lenses" size="w-300" onClose={() => store.setState({ dialog: null })}>
      <button
        type="button"
        className="float-right text-verdigris underline"
        onClick={() => store.setState({ dialog: "standard" })}
      >
        Office standard
      </button>
      <LensTable chosen={chosen} onChoose={setChosen} />
      {layer && <LayerFacts key={layer.id} layer={layer} onGone={() => setChosen(null)} />}
      {lens && <LensFacts key={lens.id} lens={lens} onChoose={setChosen} />}
    </Panel>
  );
}
