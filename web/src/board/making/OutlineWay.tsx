import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** How an outline is drawn. */
export function OutlineWay({ making, set }: MakingProps) {
  return (
    <Row label="Drawn">
      <Choice
        value={making.outlineWay}
        options={[
          ["RECTANGLE", "As a rectangle"],
          ["OUTLINE", "As an outline"],
        ]}
        onChange={(outlineWay) => set({ outlineWay })}
      />
    </Row>
  );
}

export function NewBlank(props: MakingProps) {
  return (
    <Section title="New blank" words="hides what is under it in this drawing">
      <OutlineWay {...props} />
    </Section>
  );
}

export function NewPart(props: MakingProps) {
  return (
    <Section title="New part plan" words="what lies in its frame, at a large scale">
      <OutlineWay {...props} />
    </Section>
  );
}
