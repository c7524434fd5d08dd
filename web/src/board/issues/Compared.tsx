import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import { Fault } from "../../ui/controls";
import { useBoard } from "../state/context";
import { ComparedPicture } from "./ComparedPicture";

interface Props {
  readonly before: string;
  /** Null for the set of today. */
  readonly after: string | null;
}

/** Two states of the set, sheet by sheet: in a picture what went and came, beside it in words. */
export function Compared({ before, after }: Props) {
  const project = useBoard((s) => s.project);
  const revision = useBoard((s) => s.revision);
  const [chosen, setChosen] = useState<string>();
  const answer = useQuery({
    queryKey: ["compared", project, before, after, revision],
    queryFn: () =>
      answerOf(
        api.GET("/api/v1/projects/{project}/issues/{issue}/comparison", {
          params: { path: { project, issue: before }, query: after ? { with: after } : {} },
        }),
      ),
  });
  if (answer.error) return <Fault>{sentenceOf(answer.error)}</Fault>;
  if (!answer.data) return <p className="py-8 text-center text-ink-2">Both are being drawn.</p>;
  const sheets = answer.data;
  const differ = sheets.filter((s) => s.sentences.length > 0);
  const sheet = sheets.find((s) => s.number === chosen) ?? differ[0] ?? sheets[0];
  return (
    <div className="flex gap-4">
      <ul aria-label="Sheets" className="w-44 shrink-0">
        {sheets.map((s) => (
          <li key={s.number}>
            <button
              type="button"
              aria-current={s === sheet}
              className={`flex w-full justify-between rounded px-2 py-1 text-left ${s === sheet ? "bg-ink text-paper" : "hover:bg-lime-2"}`}
              onClick={() => setChosen(s.number)}
            >
              <span>{s.number}</span>
              <span className={s === sheet ? "" : "text-ink-2"}>
                {s.sentences.length === 0 ? "same" : s.sentences.length}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {sheet && (
        <>
          <ComparedPicture key={sheet.number} sheet={sheet} />
          <section className="w-60 shrink-0" aria-label="Differences">
            <h3 className="font-semibold">{sheet.title}</h3>
            <p className="my-1 text-xs">
              <span className="text-oxide">what went</span>, <span className="text-verdigris">what came</span>
              , <span className="text-ink-2">what stayed</span>
            </p>
            {sheet.sentences.length === 0 && <p className="text-ink-2">Nothing is different.</p>}
            <ul className="max-h-110 list-disc overflow-auto pl-4">
              {sheet.sentences.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          </section>
        </>
      )}
    </div>
  );
}
