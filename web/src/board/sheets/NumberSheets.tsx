import { useState } from "react";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { numberingSheets } from "../state/revisions";
import { elementsOf } from "../state/state";

type By = "ORDER" | "KIND";

const WAYS = [
  ["ORDER", "One after another"],
  ["KIND", "By what is on them"],
] as const;

/** Numbers all sheets by a rule; marks and references follow. */
export function NumberSheets() {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const first = elementsOf({ elements }, "sheet")[0]?.number ?? "A-";
  const [before, setBefore] = useState(first.replace(/\d+$/, ""));
  const [by, setBy] = useState<By>("ORDER");
  return (
    <div className="mt-3 border-rule border-t pt-3">
      <h3 className="mb-1 font-semibold">Numbers of all sheets</h3>
      <Row label="Begin with">
        <input className={`${fieldClass} w-28`} value={before} onChange={(e) => setBefore(e.target.value)} />
      </Row>
      <Row label="Counted">
        <Choice value={by} options={WAYS} onChange={setBy} />
      </Row>
      {by === "KIND" && (
        <p className="text-ink-2">
          General 0, plans 1, elevations 2, sections 3, large scale 4, details 5, schedules 6, then two
          figures.
        </p>
      )}
      <Button className="mt-1" onClick={() => void sync.edit(numberingSheets(before, by))}>
        Number them anew
      </Button>
    </div>
  );
}
