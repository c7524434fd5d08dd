import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** What the note tool will write. */
export function NoteToMake({ making, set }: MakingProps) {
  return (
    <Section title="New note" words="Words on this drawing">
      <Row label="Kind">
        <Choice
          value={making.note}
          options={[
            ["NAME", "Name, in strong letters"],
            ["NOTE", "Note"],
          ]}
          onChange={(note) => set({ note })}
        />
      </Row>
    </Section>
  );
}
