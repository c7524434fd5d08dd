import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** How the next construction line is drawn. */
export function LineToMake({ making, set }: MakingProps) {
  const { line } = making;
  return (
    <Section title="New construction line" words="To draw by; it never prints">
      <Row label="Drawn">
        <Choice
          value={line.beside ? "BESIDE" : "POINTS"}
          options={[
            ["POINTS", "Through two points"],
            ["BESIDE", "At a distance from a line"],
          ]}
          onChange={(way) => set({ line: { ...line, beside: way === "BESIDE" } })}
        />
      </Row>
      <label className="flex items-center gap-2 py-1">
        <input
          type="checkbox"
          checked={line.endless}
          onChange={() => set({ line: { ...line, endless: !line.endless } })}
        />
        Endless
      </label>
    </Section>
  );
}
