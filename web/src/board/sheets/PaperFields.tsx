import type { PaperSize, Sheet } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard } from "../state/context";
import { paperChosen } from "../state/papers";

type Paper = Sheet["paper"];

interface Props {
  /** Null where it is left open which. */
  readonly paper: Paper | null;
  /** What it is called to leave it open; without it, it cannot be. */
  readonly open?: string;
  readonly onChange: (paper: Paper | null) => void;
}

/** Paper: a named size or one of its own, across or upright. */
export function PaperFields({ paper, open, onChange }: Props) {
  const papers = useBoard((s) => s.papers);
  const change = (part: Partial<Paper>) => paper && onChange({ ...paper, ...part });
  /** A size of its own begins as the one it had. */
  const choose = (size: PaperSize | "OWN" | "OPEN") => {
    const named = papers.find((p) => p.id === paper?.size) ?? papers[0];
    const upright = paper?.upright ?? false;
    if (size === "OPEN") onChange(null);
    else if (size !== "OWN") onChange({ size, upright, ownLongMm: 0, ownShortMm: 0 });
    else if (named) onChange({ size: named.id, upright, ownLongMm: named.longMm, ownShortMm: named.shortMm });
  };
  return (
    <>
      <Row label="Paper">
        <Choice
          value={paper ? paperChosen(paper) : "OPEN"}
          options={[
            ...(open === undefined ? [] : [["OPEN", open] as const]),
            ...papers.map((p) => [p.id, p.label] as const),
            ["OWN", "A size of its own"] as const,
          ]}
          onChange={choose}
        />
      </Row>
      {paper && paper.ownLongMm > 0 && (
        <>
          <LengthField
            label="Longer side"
            mm={paper.ownLongMm}
            onChange={(ownLongMm) => change({ ownLongMm })}
          />
          <LengthField
            label="Shorter side"
            mm={paper.ownShortMm}
            onChange={(ownShortMm) => change({ ownShortMm })}
          />
        </>
      )}
      {paper && (
        <label className="flex items-center gap-2 py-1">
          <input
            type="checkbox"
            checked={paper.upright}
            onChange={(e) => change({ upright: e.target.checked })}
          />
          Upright
        </label>
      )}
    </>
  );
}
