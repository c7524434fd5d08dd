import { readSpacings } from "../../measure/spacings";
import { Choice, Fault, fieldClass, Row, Stacked } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { useBoard } from "../state/context";
import { unitsOf } from "../state/state";
import { BUBBLES } from "../things/GridFacts";
import type { MakingProps } from "../tools/ToolOf";

/** What the grid tool will draw. */
export function GridToMake({ making, set }: MakingProps) {
  const units = useBoard(unitsOf);
  const { grid } = making;
  const spacings = readSpacings(grid.apart, units);
  return (
    <Section title="New grid lines" words="that the house is set out from, through all storeys">
      <Row label="Mark of the first">
        <input
          className={`${fieldClass} w-16 text-right`}
          value={grid.first}
          maxLength={4}
          onChange={(e) => set({ grid: { ...grid, first: e.target.value } })}
        />
      </Row>
      <Stacked label="Further lines, each so far from the last">
        <input
          className={`${fieldClass} w-full`}
          placeholder={units === "METRIC" ? "3600; 2 x 4200" : "12'; 2 x 14'-6"}
          value={grid.apart}
          onChange={(e) => set({ grid: { ...grid, apart: e.target.value } })}
        />
      </Stacked>
      {spacings.type === "unreadable" && <Fault>{spacings.reason}</Fault>}
      <Row label="Bubbles">
        <Choice
          value={grid.bubbles}
          options={BUBBLES}
          onChange={(bubbles) => set({ grid: { ...grid, bubbles } })}
        />
      </Row>
    </Section>
  );
}
