import type { SectionLine } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { drawingOf } from "../state/drawings";
import { elementOf, type Making } from "../state/state";
import { useInTurn } from "./useInTurn";

export function NewSection({ making, set }: { making: Making; set: (change: Partial<Making>) => void }) {
  return (
    <Section title="New section" words="cut upright along a line">
      <Row label="Behind the line">
        <Choice
          value={making.sectionBeyond}
          options={[
            ["EDGES", "Section: edges"],
            ["FACES", "Elevation: faces"],
          ]}
          onChange={(sectionBeyond) => set({ sectionBeyond })}
        />
      </Row>
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
  const drawing = drawingOf({ elements }, line.id);
  return (
    <>
      <LengthField
        label="Looks so far beyond"
        mm={line.depthMm}
        onChange={(depthMm) => revise({ depthMm })}
      />
      <Ends line={line} />
      <Steps line={line} revise={revise} />
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

/** How long it is, by one end or the other: each length typed is of the line as the one before left it, however late that is stored. */
function Ends({ line }: { readonly line: SectionLine }) {
  const { sync } = useBoardTools();
  const inTurn = useInTurn();
  const lengthen = (ends: (now: SectionLine) => Partial<SectionLine>) =>
    inTurn(() => {
      const now = elementOf(sync.state, "sectionLine", line.id);
      return now && sync.revise({ ...now, ...ends(now), type: "sectionLine" });
    });
  return (
    <>
      <LengthField
        label="Length, from its beginning"
        mm={lengthOf(line)}
        onChange={(mm) => lengthen((now) => ({ to: along(now, now.from, mm) }))}
      />
      <LengthField
        label="Length, from its end"
        mm={lengthOf(line)}
        onChange={(mm) =>
          lengthen((now) => ({
            from: along(now, now.to, -mm),
            steps: now.steps.map((s) => ({ ...s, alongMm: s.alongMm + mm - lengthOf(now) })),
          }))
        }
      />
    </>
  );
}

function lengthOf({ from, to }: SectionLine): number {
  return Math.hypot(to[0] - from[0], to[1] - from[1]);
}

/** A point of the line so far on from one of it. */
function along(line: SectionLine, from: readonly [number, number], mm: number): [number, number] {
  const part = mm / lengthOf(line);
  return [from[0] + (line.to[0] - line.from[0]) * part, from[1] + (line.to[1] - line.from[1]) * part];
}

interface StepsProps {
  readonly line: SectionLine;
  readonly revise: (change: Partial<SectionLine>) => void;
}

type Step = SectionLine["steps"][number];

/** Where the line steps aside: after how much of it, and how far along the way it looks. */
function Steps({ line, revise }: StepsProps) {
  const { steps } = line;
  const length = Math.hypot(line.to[0] - line.from[0], line.to[1] - line.from[1]);
  const into = line.looking === "LEFT" ? 1 : -1;
  const change = (at: number, part: Partial<Step>) =>
    revise({ steps: steps.map((s, i) => (i === at ? { ...s, ...part } : s)) });
  const last = steps.at(-1);
  const add = () => {
    const from = last?.alongMm ?? 0;
    const leftMm = last && last.leftMm !== 0 ? 0 : into * Math.round(length / 10);
    revise({ steps: [...steps, { alongMm: Math.round((from + length) / 2), leftMm }] });
  };
  return (
    <div className="pt-2">
      <p className="font-semibold">{steps.length === 0 ? "Runs straight" : "Steps aside"}</p>
      {steps.map((s, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: steps are told apart by their order alone
        <div key={i} className="border-rule border-b pb-1">
          <LengthField
            label="After, from its beginning"
            mm={s.alongMm}
            onChange={(alongMm) => change(i, { alongMm })}
          />
          <LengthField
            label="Further the way it looks"
            mm={s.leftMm * into}
            onChange={(mm) => change(i, { leftMm: mm * into })}
          />
          <Button className="my-1" onClick={() => revise({ steps: steps.filter((_, at) => at !== i) })}>
            Without this step
          </Button>
        </div>
      ))}
      <Button className="my-1" onClick={add}>
        Add a step
      </Button>
    </div>
  );
}
