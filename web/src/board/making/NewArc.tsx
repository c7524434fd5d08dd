import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** What is said of a curved wall's face. */
export function ArcToMake({ making, set }: MakingProps) {
  return (
    <Section title="New angle or arc" words="two lines make an angle">
      <Row label="Of an arc">
        <Choice
          value={making.arc}
          options={[
            ["radius", "Its radius"],
            ["arcLength", "How long it is"],
          ]}
          onChange={(arc) => set({ arc })}
        />
      </Row>
    </Section>
  );
}
