import type { Drawing } from "../../api/types";
import { Button } from "../../ui/controls";
import { CropFields } from "../sheets/CropFields";
import { faultOf, takeInHand, turnPlaced } from "../sheets/placing";
import { useBoard, useBoardTools } from "../state/context";
import { hasScale } from "../state/drawings";
import { elementOf, partedShown } from "../state/state";

/** A drawing that was picked: on a sheet, or by its frame on the one it is a part of. */
export function OpenDrawing({ drawing }: { readonly drawing: Drawing }) {
  const { store, sync } = useBoardTools();
  const onSheet = useBoard((s) => s.shown?.kind === "sheet" && !s.version);
  const sheet = useBoard((s) => (onSheet ? elementOf(s, "sheet", s.shown?.id) : undefined));
  const onWhole = useBoard((s) => partedShown(s) !== undefined);
  const fault = useBoard((s) => (onSheet ? faultOf(s, drawing.id) : ""));
  return (
    <div className="flex flex-wrap gap-2">
      {fault && <p className="basis-full text-oxide text-xs">{fault}</p>}
      <Button main onClick={() => void sync.show({ kind: "drawing", id: drawing.id })}>
        Open it
      </Button>
      {onSheet && <Button onClick={() => void takeInHand(store, drawing.id)}>Move it</Button>}
      {onSheet && <Button onClick={() => void turnPlaced(store, sync, drawing.id)}>Turn it</Button>}
      {sheet && hasScale(drawing) && <CropFields sheet={sheet} drawing={drawing} />}
      {onWhole && (
        <Button
          onClick={() =>
            store.setState({ tool: { name: "part", picks: [], drawing: drawing.id }, selection: [] })
          }
        >
          Draw its frame anew
        </Button>
      )}
    </div>
  );
}
