import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { arrange, selectedOn, type Way } from "./arranging";

const IN_LINE: readonly (readonly [Way, string])[] = [
  ["LEFT", "Left edges"],
  ["MIDDLE", "Middles, above each other"],
  ["RIGHT", "Right edges"],
  ["TOP", "Tops"],
  ["CENTRE", "Middles, side by side"],
  ["BOTTOM", "Feet"],
];

const ALIKE: readonly (readonly [Way, string])[] = [
  ["ACROSS", "From left to right"],
  ["DOWN", "From top to bottom"],
];

/** Several drawings of a sheet brought in line, or spaced alike. */
export function ArrangeDrawings() {
  const { store, sync } = useBoardTools();
  const many = useBoard((s) => selectedOn(s).length);
  const buttons = (ways: readonly (readonly [Way, string])[]) => (
    <div className="flex flex-wrap gap-2 py-1">
      {ways.map(([way, words]) => (
        <Button key={way} onClick={() => void arrange(store, sync, way)}>
          {words}
        </Button>
      ))}
    </div>
  );
  return (
    <>
      <p className="text-ink-2">In one line</p>
      {buttons(IN_LINE)}
      {many > 2 && (
        <>
          <p className="text-ink-2">Gaps alike</p>
          {buttons(ALIKE)}
        </>
      )}
    </>
  );
}
