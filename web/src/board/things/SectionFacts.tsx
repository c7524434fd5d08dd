import type { SectionLine } from "../../api/types";
import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementsOf, type Making } from "../state/state";

export function NewSection({ making, set }: { making: Making; set: (change: Partial<Making>) => void }) {
  return (
    <Section title="New section" words="cut upright along a line">
      <LengthField
        label="Looks so far beyond"
        mm={making.sectionDepthMm}
        onChange={(sectionDepthMm) => set({ sectionDepthMm })}
      />
    </Section>
  );
}

/** The facts of a selected section line, and the way to its drawing. */
export function SectionFacts({ line }: { readonly line: SectionLine }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const revise = (change: Partial<SectionLine>) =>
    void sync.revise({ ...line, ...change, type: "sectionLine" });
  const drawing = elementsOf({ elements }, "drawing").find(
    (d) => d.subject.type === "one" && d.subject.element === line.id,
  );
  return (
    <>
      <LengthField
        label="Looks so far beyond"
        mm={line.depthMm}
        onChange={(depthMm) => revise({ depthMm })}
      />
      <div className="mt-2 flex gap-2">
        <Button onClick={() => revise({ looking: line.looking === "LEFT" ? "RIGHT" : "LEFT" })}>
          Look the other way
        </Button>
        {drawing && (
          <Button onClick={() => void sync.show({ kind: "drawing", id: drawing.id })}>
            Open {drawing.name}
          </Button>
        )}
      </div>
    </>
  );
}
