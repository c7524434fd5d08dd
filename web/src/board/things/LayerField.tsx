import { Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { layerIn } from "../state/lenses";
import { toLayer } from "../state/revisions";
import { elementsOf } from "../state/state";

/** The layer that what is selected lies on, and another for all of it. */
export function LayerField() {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const selection = useBoard((s) => s.selection);
  const lying = selection.flatMap((id) => {
    const thing = elements.get(id);
    const layer = thing && layerIn(thing);
    return layer === undefined ? [] : [{ id, layer }];
  });
  const there = [...new Set(lying.map((l) => l.layer))];
  const [first] = there;
  if (first === undefined) return null;
  const layers = elementsOf({ elements }, "layer").map((l) => [l.id, l.name] as const);
  const options = there.length > 1 ? [["", `On ${there.length} layers`] as const, ...layers] : layers;
  return (
    <Row label="Layer">
      <Choice
        value={there.length > 1 ? "" : first}
        options={options}
        onChange={(layer) =>
          layer &&
          void sync.edit(
            toLayer(
              lying.map((l) => l.id),
              layer,
            ),
          )
        }
      />
    </Row>
  );
}
