import type { Drawing, Sheet } from "../../api/types";
import { Button, Choice } from "../../ui/controls";
import { useBoardTools } from "../state/context";
import { cropping } from "../tools/crop";
import { shownAs } from "./cropping";
import { WHOLE } from "./placing";

/** How much of a drawing stands on a sheet: cropped by two corners or an outline, with break lines along its edges or without, or all of it. */
export function CropFields({ sheet, drawing }: { readonly sheet: Sheet; readonly drawing: Drawing }) {
  const { store, sync } = useBoardTools();
  const crop = sheet.drawings.find((p) => p.drawing === drawing.id)?.crop ?? WHOLE;
  const show = (other: Sheet["drawings"][number]["crop"]) =>
    void sync.revise({ ...shownAs(sheet, drawing.id, other), type: "sheet" });
  return (
    <>
      <Choice
        label={`Crop of ${drawing.name}`}
        value=""
        options={[
          ["", "Crop…"],
          ["CORNERS", "By two corners"],
          ["OUTLINE", "Along an outline"],
        ]}
        onChange={(way) => store.setState({ tool: cropping(drawing.id, way === "OUTLINE"), selection: [] })}
      />
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
