import { Choice, fieldClass, Row } from "../../ui/controls";
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

export function NewCloud(props: MakingProps) {
  const { making, set } = props;
  return (
    <Section title="New revision cloud" words="round what changed in this drawing">
      <OutlineWay {...props} />
      <Row label="In its triangle, the issue">
        <input
          className={`${fieldClass} w-20`}
          maxLength={12}
          value={making.cloudIssue}
          onChange={(e) => set({ cloudIssue: e.target.value })}
        />
      </Row>
    </Section>
  );
}

export function NewPart(props: MakingProps) {
  return (
    <Section title="New part or detail" words="what lies in its frame, at a large scale">
      <OutlineWay {...props} />
    </Section>
  );
}
