import type { ElementOf } from "../../api/types";
import { Choice, Row } from "../../ui/controls";

type Drawn = ElementOf<"layer">["drawn"];

/** Line widths of ISO 128-2. */
const WIDTHS = [0.13, 0.18, 0.25, 0.35, 0.5, 0.7] as const;

const DASHES = [
  ["CONTINUOUS", "Unbroken"],
  ["DASHED", "Dashed"],
  ["LONG_DASHED_DOTTED", "Long dashes and dots"],
  ["LONG_DASHED_DOUBLE_DOTTED", "Long dashes and two dots"],
] as const;

interface Props {
  readonly drawn: Drawn;
  readonly onChange: (drawn: Drawn) => void;
}

/** Whether a layer's lines are drawn by their kind, or all with one pen. */
export function PenFields({ drawn, onChange }: Props) {
  const pen = drawn.type === "withPen" ? drawn.pen : null;
  const wide = (mm: string) =>
    onChange(
      mm
        ? { type: "withPen", pen: { dash: "CONTINUOUS", ink: "", ...pen, widthMm: Number(mm) } }
        : { type: "byKind" },
    );
  return (
    <>
      <Row label="Line width">
        <Choice
          value={pen ? String(pen.widthMm) : ""}
          options={[["", "By kind of line"], ...WIDTHS.map((mm) => [String(mm), `${mm} mm`] as const)]}
          onChange={wide}
        />
      </Row>
      {pen && (
        <Row label="Line type">
          <Choice
            value={pen.dash}
            options={DASHES}
            onChange={(dash) => onChange({ type: "withPen", pen: { ...pen, dash } })}
          />
        </Row>
      )}
    </>
  );
}
