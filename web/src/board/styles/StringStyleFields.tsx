import type { StringStyle } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Choice, Row } from "../../ui/controls";
import { Figure } from "../fields/Figure";

interface Props {
  readonly style: StringStyle;
  readonly revise: (part: Partial<StringStyle>) => void;
}

/** Where the line ends, and how far the lines to what is measured run. */
export function LineFields({ style, revise }: Props) {
  const { extension } = style;
  const mm = extension.type === "fixed" ? extension.lengthMm : extension.gapMm;
  const of = (type: string, value: number) =>
    revise({
      extension: type === "fixed" ? { type: "fixed", lengthMm: value } : { type: "toPoint", gapMm: value },
    });
  return (
    <>
      <Row label="Points are marked by">
        <Choice
          value={style.terminator}
          options={[
            ["STROKE", "oblique strokes"],
            ["ARROW", "filled arrowheads"],
            ["OPEN_ARROW", "open arrowheads"],
            ["DOT", "dots"],
            ["RING", "rings"],
          ]}
          onChange={(terminator) => revise({ terminator })}
        />
      </Row>
      <Row label="Lines to what is measured">
        <Choice
          value={extension.type}
          options={[
            ["toPoint", "run there, but for a gap"],
            ["fixed", "have one length"],
          ]}
          onChange={(type) => of(type, type === "fixed" ? 5 : 1.5)}
        />
      </Row>
      <Figure
        label={extension.type === "fixed" ? "That length, mm on paper" : "That gap, mm on paper"}
        value={mm}
        onChange={(value) => of(extension.type, value)}
      />
    </>
  );
}

/** What figures say, in which letters, and where they stand. */
export function FigureFields({ style, revise }: Props) {
  return (
    <>
      <Row label="Figures stand">
        <Choice
          value={style.figures}
          options={[
            ["ABOVE", "above the line"],
            ["IN_LINE", "in the line"],
          ]}
          onChange={(figures) => revise({ figures })}
        />
      </Row>
      <Figure
        label="Letters, mm on paper"
        value={style.letterMm}
        onChange={(letterMm) => revise({ letterMm })}
      />
      <Row label="Figures are in">
        <Choice
          value={style.says}
          options={[
            ["PROJECT", "the project's unit"],
            ["METRIC", "millimetres"],
            ["FEET_INCHES", "feet and inches"],
            ["BOTH", "both, one under the other"],
          ]}
          onChange={(says) => revise({ says })}
        />
      </Row>
      <Figure
        label="Millimetres rounded to"
        value={style.metricStepMm}
        onChange={(metricStepMm) => revise({ metricStepMm })}
      />
      <Row label="Inches rounded to">
        <Choice
          value={String(style.partsOfInch)}
          options={["1", "2", "4", "8", "16", "32"].map(
            (n) => [n, n === "1" ? "1 in" : `1/${n} in`] as const,
          )}
          onChange={(parts) => revise({ partsOfInch: Number(parts) })}
        />
      </Row>
      <Checks
        words="And"
        options={[["GROUND", "figures cover what is under them"]]}
        chosen={style.ground ? ["GROUND"] : []}
        onChange={(on) => revise({ ground: on.includes("GROUND") })}
      />
    </>
  );
}
