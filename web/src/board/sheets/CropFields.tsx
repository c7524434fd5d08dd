import type { Drawing, Sheet } from "../../api/types";
import { Button } from "../../ui/controls";
import { useBoardTools } from "../state/context";
import { shownAs } from "./cropping";
import { WHOLE } from "./placing";

/** How much of a drawing stands on a sheet: cropped by two corners, with break lines along its edges or without, or all of it. */
export function CropFields({ sheet, drawing }: { readonly sheet: Sheet; readonly drawing: Drawing }) {
  const { store, sync } = useBoardTools();
  const crop = sheet.drawings.find((p) => p.drawing === drawing.id)?.crop ?? WHOLE;
  const show = (other: Sheet["drawings"][number]["crop"]) =>
    void sync.revise({ ...shownAs(sheet, drawing.id, other), type: "sheet" });
  return (
    <>
      <Button
        onClick={() =>
          store.setState({ tool: { name: "crop", drawing: drawing.id, from: null }, selection: [] })
        }
      >
        Crop
      </Button>
      {crop.type === "part" && (
        <>
          <Button onClick={() => show(WHOLE)}>Show all of it</Button>
          <label className="flex items-center gap-1">
            <input
              type="checkbox"
              checked={crop.broken}
              onChange={() => show({ ...crop, broken: !crop.broken })}
            />
            <span>Break lines</span>
          </label>
        </>
      )}
    </>
  );
}
