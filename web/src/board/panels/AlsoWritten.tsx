import type { Drawing } from "../../api/types";
import { useBoard, useBoardTools } from "../state/context";
import { register } from "../state/drawings";
import { elementsOf } from "../state/state";

/** Other plans of the storey whose strings and notes this one shows too. */
export function AlsoWritten({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const written = new Set(
    [...elementsOf({ elements }, "note"), ...elementsOf({ elements }, "dimensionString")].map(
      (w) => w.drawing,
    ),
  );
  const others = register({ elements }).filter(
    (d) => d.kind === "PLAN" && d.storey === drawing.storey && d.id !== drawing.id && written.has(d.id),
  );
  if (others.length === 0) return null;
  const toggle = (id: string) => {
    const also = drawing.also.includes(id) ? drawing.also.filter((d) => d !== id) : [...drawing.also, id];
    void sync.revise({ ...drawing, also, type: "drawing" });
  };
  return (
    <fieldset className="py-1">
      <legend className="text-ink-2">Shows the strings and notes of</legend>
      {others.map((d) => (
        <label key={d.id} className="flex items-center gap-2 py-0.5 pl-2">
          <input type="checkbox" checked={drawing.also.includes(d.id)} onChange={() => toggle(d.id)} />
          {d.name}
        </label>
      ))}
    </fieldset>
  );
}
