import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** What a click on the string itself does. */
export function PointsOfString({ making, set }: MakingProps) {
  return (
    <Section title="Points of a string" words="a click on a thing adds it">
      <Row label="A click on the string">
        <Choice
          value={making.onString}
          options={[
            ["TAKE", "takes the point out"],
            ["SPLIT", "splits it there"],
            ["REACH", "ends a point's line there"],
          ]}
          onChange={(onString) => set({ onString })}
        />
      </Row>
    </Section>
  );
}
