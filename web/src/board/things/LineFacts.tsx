import type { ElementOf } from "../../api/types";
import { useBoardTools } from "../state/context";

/** Whether a construction line ends at its points. */
export function LineFacts({ line }: { readonly line: ElementOf<"constructionLine"> }) {
  const { sync } = useBoardTools();
  return (
    <label className="flex items-center gap-2 py-1">
      <input
        type="checkbox"
        checked={line.endless}
        onChange={() => void sync.revise({ ...line, endless: !line.endless, type: "constructionLine" })}
      />
      Endless
    </label>
  );
}
