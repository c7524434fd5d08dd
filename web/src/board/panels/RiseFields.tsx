import type { Rise, WallState } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { useBoard } from "../context";
import { elementsOf } from "../state";
import { LengthField } from "./LengthField";

interface RiseFacts {
  readonly rise: Rise;
  readonly state: WallState;
}

interface Props<T extends RiseFacts> {
  readonly facts: T;
  readonly onChange: (facts: T) => void;
}

/** From where to where walls rise, and what becomes of them. */
export function RiseFields<T extends RiseFacts>({ facts, onChange }: Props<T>) {
  const storeyMm = useBoard((s) => elementsOf(s, "storey")[0]?.heightMm ?? 2400);
  const { rise } = facts;
  const { head } = rise;
  return (
    <div className="mt-3 border-rule border-t pt-2">
      <Row label="Head">
        <Choice
          value={head.type}
          options={[
            ["underStoreyAbove", "Under the storey above"],
            ["fixed", "At a height of its own"],
          ]}
          onChange={(type) =>
            onChange({
              ...facts,
              rise: { ...rise, head: type === "fixed" ? { type, mm: storeyMm } : { type } },
            })
          }
        />
      </Row>
      {head.type === "fixed" && (
        <LengthField
          label="Head above floor"
          mm={head.mm}
          onChange={(mm) => onChange({ ...facts, rise: { ...rise, head: { ...head, mm } } })}
        />
      )}
      <LengthField
        label="Foot above floor"
        mm={rise.footMm}
        onChange={(footMm) => onChange({ ...facts, rise: { ...rise, footMm } })}
      />
      <Row label="State">
        <Choice
          value={facts.state}
          options={[
            ["NEW", "New"],
            ["EXISTING", "Existing, stays"],
            ["REMOVED", "To be removed"],
          ]}
          onChange={(state) => onChange({ ...facts, state })}
        />
      </Row>
    </div>
  );
}
