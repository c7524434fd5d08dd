import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** Which sign is put. */
export function SignToMake({ making, set }: MakingProps) {
  return (
    <Section title="New sign" words="says what the project knows">
      <Row label="Sign">
        <Choice
          value={making.sign}
          options={[
            ["LEVEL", "Level of the floor there"],
            ["NORTH", "North arrow"],
            ["SCALE", "Scale bar"],
            ["ELEVATION", "Where an elevation is seen from"],
          ]}
          onChange={(sign) => set({ sign })}
        />
      </Row>
    </Section>
  );
}
