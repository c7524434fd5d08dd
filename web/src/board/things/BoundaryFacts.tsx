import type { BoundaryLine } from "../../api/types";
import { LengthField } from "../fields/LengthField";
import { useBoardTools } from "../state/context";

/** How long a side of the plot is; typed, its end moves along it. */
export function BoundaryFacts({ line }: { readonly line: BoundaryLine }) {
  const { sync } = useBoardTools();
  const { from, to } = line;
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const lengthen = (mm: number) => {
    const along = (i: 0 | 1) => from[i] + ((to[i] - from[i]) * mm) / length;
    void sync.revise({ ...line, to: [along(0), along(1)], type: "boundaryLine" });
  };
  return <LengthField label="Length" mm={length} onChange={lengthen} />;
}
