import { type FormEvent, useState } from "react";
import { answerOf, api, reasonOf } from "../../api/client";
import type { Issue, Issued } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Button, Choice, Fault, fieldClass, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { inSet, setsOf, setWords, sheetsAsBound } from "../state/sheets";

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

/** Hands sheets out as they stand: all, or those chosen. */
export function NewIssue({ issues, onIssued }: Props) {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const elements = useBoard((s) => s.elements);
  const shown = useBoard((s) => s.shown);
  const sheets = sheetsAsBound({ elements });
  const sets = setsOf(sheets);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const chosen = sheets.filter((s) => !left.has(s.id));
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
        api.POST("/api/v1/projects/{project}/issues", {
          params: { path: { project } },
          body: { issued: facts, sheets: chosen.length === sheets.length ? [] : chosen.map((s) => s.id) },
        }),
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
      {sheets.length > 1 && (
        <div className="col-span-2 mt-1">
          {sets.length > 1 && (
            <p className="flex flex-wrap items-center gap-2 pb-1">
              <span className="text-ink-2">Just the set</span>
              {sets.map((set) => (
                <Button
                  key={set}
                  onClick={() =>
                    setLeft(new Set(sheets.filter((s) => !inSet([s], set).length).map((s) => s.id)))
                  }
                >
                  {setWords(set)}
                </Button>
              ))}
            </p>
          )}
          <Checks
            words="Sheets in it"
            options={sheets.map((s) => [s.id, s.number] as const)}
            chosen={chosen.map((s) => s.id)}
            onChange={(on) => setLeft(new Set(sheets.map((s) => s.id).filter((id) => !on.includes(id))))}
          />
        </div>
      )}
      <div className="col-span-2 mt-2 flex items-center justify-end gap-3">
        {sheets.length === 0 && <p className="text-ink-2">There are no sheets to issue yet.</p>}
        <Button
          main
          type="submit"
          disabled={busy || chosen.length === 0 || !facts.number.trim() || !facts.date}
        >
          {busy ? "Issuing" : `Issue ${count(chosen.length, sheets.length)}`}
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

function count(chosen: number, all: number): string {
  if (all === 1) return "the sheet";
  return chosen === all ? `all ${all} sheets` : `${chosen} of ${all} sheets`;
}

function today(): string {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
