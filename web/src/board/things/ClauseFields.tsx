import type { Clause } from "../../api/types";
import { Choice, Row, Stacked } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { blanksOf, filled } from "../state/clauses";

interface Props {
  readonly all: readonly Clause[];
  readonly clause: Clause;
  readonly fills: readonly string[];
  readonly onClause: (clause: string) => void;
  readonly onFill: (blank: number, words: string) => void;
}

/** How much of a clause is shown where one is chosen. */
const LONGEST = 60;

/** Which clause is said, and what stands in its blanks. */
export function ClauseFields({ all, clause, fills, onClause, onFill }: Props) {
  return (
    <>
      <Stacked label="Clause">
        <Choice
          className="w-full max-w-full"
          value={clause.id}
          options={all.map((c) => [c.id, `${c.heading}: ${shortened(c.text)}`] as const)}
          onChange={onClause}
        />
      </Stacked>
      <p className="py-1">{filled(clause, fills)}</p>
      {Array.from({ length: blanksOf(clause) }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: blanks are told apart by their order
        <Row key={i} label={`Blank ${i + 1}`}>
          <Accepted value={fills[i] ?? ""} onAccept={(words) => onFill(i, words)} />
        </Row>
      ))}
    </>
  );
}

function shortened(text: string): string {
  return text.length > LONGEST ? `${text.slice(0, LONGEST)}\u2026` : text;
}
