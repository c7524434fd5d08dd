import { useState } from "react";
import type { Drawing } from "../../api/types";
import { Button, fieldClass } from "../../ui/controls";
import { useBoardTools } from "../state/context";
import { continuing } from "../state/revisions";

/** Which rows of a table are shown, and letting it run on in another drawing where it is too long for a sheet. */
export function TableRows({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const [fault, setFault] = useState<string | null>(null);
  const [after, setAfter] = useState("");
  const { frame } = drawing;
  if (drawing.kind === "BUILD_UPS" || drawing.kind === "LEGEND") return null;
  const row = Number(after);
  return (
    <div className="mt-2 border-rule border-t pt-2">
      {frame.type === "rows" && (
        <div className="flex items-center justify-between py-1">
          <span className="text-ink-2">
            Shows rows {frame.from} to {frame.to === 0 ? "the last" : frame.to}
          </span>
          <Button onClick={() => void sync.revise({ ...drawing, frame: { type: "all" }, type: "drawing" })}>
            Show all
          </Button>
        </div>
      )}
      <form
        className="flex items-center gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          void sync.edit(continuing(drawing.id, row)).then((made) => {
            setFault(made ? null : sync.state.refused);
            if (made) setAfter("");
          });
        }}
      >
        <label className="flex items-center gap-2">
          <span className="text-ink-2">Runs on in another drawing after row</span>
          <input
            className={`${fieldClass} w-14`}
            inputMode="numeric"
            value={after}
            onChange={(e) => setAfter(e.target.value)}
          />
        </label>
        <Button type="submit" disabled={!Number.isInteger(row) || row < 1}>
          Run on
        </Button>
      </form>
      {fault && <p className="text-oxide">{fault}</p>}
    </div>
  );
}
