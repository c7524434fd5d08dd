import { type FormEvent, useState } from "react";
import { answerOf, api, reasonOf } from "../../api/client";
import type { Issue } from "../../api/types";
import { Button, Fault, fieldClass } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { PURPOSES } from "./NewIssue";

interface Props {
  readonly issue: Issue;
  /** The issue before it; null for the first. */
  readonly before: Issue | null;
  readonly onCompare: (pair: { readonly before: Issue; readonly after: Issue | null }) => void;
  readonly onChanged: () => void;
  readonly onClose: () => void;
}

/** An issue: when, what for, who has it; and what can be done with it. */
export function IssueEntry({ issue, before, onCompare, onChanged, onClose }: Props) {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const [asks, setAsks] = useState<"given" | "withdrawal" | null>(null);
  const { number, date, purpose, note } = issue.issued;
  const words = PURPOSES.find(([p]) => p === purpose)?.[1] ?? purpose;
  const bound = issue.sets.filter((set) => set !== "");
  const look = () => {
    void sync.lookAt({ id: issue.version, name: `Issue ${number}` });
    onClose();
  };
  return (
    <li className="py-2">
      <div className="flex items-baseline gap-3">
        <b className={`font-semibold ${issue.withdrawn ? "line-through" : ""}`}>Issue {number}</b>
        <span>
          {date}, for {words}
          {issue.sheets.length > 0 &&
            `, ${issue.sheets.length === 1 ? "one sheet" : `${issue.sheets.length} sheets`}`}
          {bound.length > 0 && ` of ${bound.join(", ")}`}
        </span>
        <span className="min-w-0 grow truncate text-ink-2" title={note}>
          {note}
        </span>
      </div>
      {issue.withdrawn && <p className="text-oxide">Withdrawn: {issue.withdrawn}</p>}
      {issue.recipients.length > 0 && (
        <p className="text-ink-2">
          Given to{" "}
          {issue.recipients.map((r) => [r.name, r.date, r.way].filter(Boolean).join(", ")).join("; ")}
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <a
          className="rounded border border-rule bg-paper px-3 py-1 hover:bg-lime-2"
          href={`/api/v1/projects/${project}/issues/${issue.id}/set.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          Open PDF
        </a>
        <a
          className="rounded border border-rule bg-paper px-3 py-1 hover:bg-lime-2"
          href={`/api/v1/projects/${project}/issues/${issue.id}/transmittal.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          Transmittal
        </a>
        <Button onClick={look}>Look at it</Button>
        <Button onClick={() => onCompare({ before: issue, after: null })}>Compare with today</Button>
        {before && (
          <Button onClick={() => onCompare({ before, after: issue })}>
            Compare with {before.issued.number}
          </Button>
        )}
        <Button onClick={() => setAsks(asks === "given" ? null : "given")}>Given to…</Button>
        {!issue.withdrawn && (
          <Button onClick={() => setAsks(asks === "withdrawal" ? null : "withdrawal")}>Withdraw…</Button>
        )}
      </div>
      {asks && (
        <Asked
          asks={asks}
          issue={issue}
          onDone={() => {
            setAsks(null);
            onChanged();
          }}
        />
      )}
    </li>
  );
}

interface AskedProps {
  readonly asks: "given" | "withdrawal";
  readonly issue: Issue;
  readonly onDone: () => void;
}

/** Who was given it, or why it is withdrawn. */
function Asked({ asks, issue, onDone }: AskedProps) {
  const project = useBoard((s) => s.project);
  const [words, setWords] = useState("");
  const [way, setWay] = useState("");
  const [fault, setFault] = useState<string>();
  const params = { path: { project, issue: issue.id } };
  const send = async (e: FormEvent) => {
    e.preventDefault();
    try {
      await answerOf(
        asks === "given"
          ? api.POST("/api/v1/projects/{project}/issues/{issue}/recipients", {
              params,
              body: { name: words, date: issue.issued.date, way },
            })
          : api.POST("/api/v1/projects/{project}/issues/{issue}/withdrawal", {
              params,
              body: { reason: words },
            }),
      );
      onDone();
    } catch (error) {
      setFault(reasonOf(error));
    }
  };
  return (
    <form className="mt-2" onSubmit={send}>
      <div className="flex gap-2">
        <input
          aria-label={asks === "given" ? "Who has it" : "Why it is withdrawn"}
          placeholder={asks === "given" ? "Who has it" : "Why it is withdrawn"}
          className={`${fieldClass} grow`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        {asks === "given" && (
          <input
            aria-label="How"
            placeholder="How: by post, by mail"
            className={`${fieldClass} w-44`}
            value={way}
            onChange={(e) => setWay(e.target.value)}
          />
        )}
        <Button main type="submit" disabled={!words.trim()}>
          {asks === "given" ? "Note it" : "Withdraw"}
        </Button>
      </div>
      {fault && <Fault>{fault}</Fault>}
    </form>
  );
}
