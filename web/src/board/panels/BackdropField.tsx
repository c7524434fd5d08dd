import type { Drawing } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { backdropOf } from "../canvas/backdrop";
import { useBoard, useBoardTools } from "../state/context";
import { elementsOf } from "../state/state";

/** Which other plan is shown faintly behind this one. */
export function BackdropField({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const shown = useBoard((s) => backdropOf(s) ?? "");
  const elements = useBoard((s) => s.elements);
  const others = elementsOf({ elements }, "drawing").filter((d) => d.kind === "PLAN" && d.id !== drawing.id);
  if (others.length === 0) return null;
  return (
    <div className="mt-3 border-rule border-t pt-2">
      <Row label="Backdrop (Z)">
        <Choice
          value={shown}
          options={[["", "none"], ...others.map((d) => [d.id, d.name] as const)]}
          onChange={(id) => sync.showing.setBackdrop(id === "" ? { on: false } : { on: true, drawing: id })}
        />
      </Row>
    </div>
  );
}
