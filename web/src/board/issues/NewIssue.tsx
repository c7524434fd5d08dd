import { type FormEvent, useState } from "react";
import { answerOf, api, reasonOf } from "../../api/client";
import type { Issue, Issued } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { elementsOf } from "../state/state";

export const PURPOSES = [
  ["COMMENT", "comment"],
  ["PERMIT", "permit"],
  ["TENDER", "tender"],
  ["CONSTRUCTION", "construction"],
  ["AS_BUILT", "record, as built"],
] as const;

interface Props {
  readonly issues: readonly Issue[];
  readonly onIssued: () => void;
}

/** Hands all sheets out as they stand. */
export function NewIssue({ issues, onIssued }: Props) {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const elements = useBoard((s) => s.elements);
  const shown = useBoard((s) => s.shown);
  const sheets = elementsOf({ elements }, "sheet").length;
  const [facts, setFacts] = useState<Issued>({
    number: String(issues.length + 1),
    date: today(),
    purpose: issues.at(-1)?.issued.purpose ?? "PERMIT",
    note: "",
  });
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const issue = async (e: FormEvent) => {
    e.preventDefault();
    setBusy(true);
    try {
      await answerOf(
        api.POST("/api/v1/projects/{project}/issues", { params: { path: { project } }, body: facts }),
      );
      if (shown?.kind === "sheet") await sync.show(shown);
      onIssued();
    } catch (error) {
      setFault(reasonOf(error));
    }
    setBusy(false);
  };
  return (
    <form className="grid grid-cols-2 gap-x-6" onSubmit={issue}>
      <Row label="Number">
        <input
          className={`${fieldClass} w-24`}
          value={facts.number}
          onChange={(e) => setFacts({ ...facts, number: e.target.value })}
        />
      </Row>
      <Row label="For">
        <Choice
          value={facts.purpose}
          options={PURPOSES}
          onChange={(purpose) => setFacts({ ...facts, purpose })}
        />
      </Row>
      <Row label="Date">
        <input
          type="date"
          className={fieldClass}
          value={facts.date}
          onChange={(e) => setFacts({ ...facts, date: e.target.value })}
        />
      </Row>
      <Row label="Note">
        <input
          className={`${fieldClass} w-60`}
          placeholder="What is new in it"
          value={facts.note}
          onChange={(e) => setFacts({ ...facts, note: e.target.value })}
        />
      </Row>
      <div className="col-span-2 mt-2 flex items-center justify-end gap-3">
        {sheets === 0 && <p className="text-ink-2">There are no sheets to issue yet.</p>}
        <Button main type="submit" disabled={busy || sheets === 0 || !facts.number.trim() || !facts.date}>
          {busy ? "Issuing" : `Issue ${sheets === 1 ? "the sheet" : `all ${sheets} sheets`}`}
        </Button>
      </div>
      {fault && (
        <div className="col-span-2">
          <Fault>{fault}</Fault>
        </div>
      )}
    </form>
  );
}

function today(): string {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
