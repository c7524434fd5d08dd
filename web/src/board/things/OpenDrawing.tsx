import type { Drawing } from "../../api/types";
import { Button } from "../../ui/controls";
import { faultOf, takeInHand, turnPlaced } from "../sheets/placing";
import { useBoard, useBoardTools } from "../state/context";
import { partedShown } from "../state/state";

/** A drawing that was picked: on a sheet, or by its frame on the one it is a part of. */
export function OpenDrawing({ drawing }: { readonly drawing: Drawing }) {
  const { store, sync } = useBoardTools();
  const onSheet = useBoard((s) => s.shown?.kind === "sheet" && !s.version);
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
