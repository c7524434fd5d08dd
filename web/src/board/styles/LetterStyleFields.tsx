import type { LetterStyle } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Choice, Row } from "../../ui/controls";
import { Figure } from "../fields/Figure";

/** How large and strong the lines of a note are, and where they stand. */
export function LetterStyleFields({
  style,
  revise,
}: {
  readonly style: LetterStyle;
  readonly revise: (part: Partial<LetterStyle>) => void;
}) {
  return (
    <>
      <Figure
        label="First line, mm on paper"
        value={style.heightMm}
        onChange={(heightMm) => revise({ heightMm })}
      />
      <Figure
        label="Lines after it, mm on paper"
        value={style.nextMm}
        onChange={(nextMm) => revise({ nextMm })}
      />
      <Row label="Strong letters">
        <Choice
          value={style.strong}
          options={[
            ["NOTHING", "nowhere"],
            ["FIRST_LINE", "in the first line"],
            ["ALL", "everywhere"],
          ]}
          onChange={(strong) => revise({ strong })}
        />
      </Row>
      <Checks
        words="And"
        options={[["CENTRED", "lines are centred on where the note stands"]]}
        chosen={style.centred ? ["CENTRED"] : []}
        onChange={(on) => revise({ centred: on.includes("CENTRED") })}
      />
    </>
  );
}
