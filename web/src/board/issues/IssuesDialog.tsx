import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answerOf, api } from "../../api/client";
import type { Issue } from "../../api/types";
import { Panel } from "../../ui/controls";
import { useBoard } from "../state/context";
import { Compared } from "./Compared";
import { DrawClouds } from "./DrawClouds";
import { IssueEntry } from "./IssueEntry";
import { NewIssue } from "./NewIssue";
import { SetChecked } from "./SetChecked";

/** What two states of the set are held against each other: an issue and a later one, or today where that is null. */
interface Pair {
  readonly before: Issue;
  readonly after: Issue | null;
}

/** Sets that were handed out: hand out another, open one, compare, say who has it, withdraw. */
export function IssuesDialog({ onClose }: { readonly onClose: () => void }) {
  const project = useBoard((s) => s.project);
  const [pair, setPair] = useState<Pair | null>(null);
  const issues = useQuery({
    queryKey: ["issues", project],
    queryFn: () => answerOf(api.GET("/api/v1/projects/{project}/issues", { params: { path: { project } } })),
  });
  const all = issues.data ?? [];
  const again = () => void issues.refetch();
  if (pair)
    return (
      <Panel
        title={`Issue ${pair.before.issued.number} and ${pair.after ? `issue ${pair.after.issued.number}` : "today"}`}
        onClose={() => setPair(null)}
        size="w-290"
      >
        {!pair.after && <DrawClouds before={pair.before.id} issue={String(all.length + 1)} />}
        <Compared before={pair.before.id} after={pair.after?.id ?? null} />
      </Panel>
    );
  return (
    <Panel title="Issues of the set" onClose={onClose} size="w-170">
      {issues.data && <NewIssue key={all.length} issues={all} onIssued={again} />}
      <SetChecked onClose={onClose} />
      {issues.data?.length === 0 && (
        <p className="mt-4 text-ink-2">
          The set has not been issued yet. What is issued is kept as it is, for ever.
        </p>
      )}
      <ul aria-label="Issues" className="mt-3 divide-y divide-rule border-rule border-t">
        {[...all].reverse().map((issue) => (
          <IssueEntry
            key={issue.id}
            issue={issue}
            before={all[all.indexOf(issue) - 1] ?? null}
            onCompare={setPair}
            onChanged={again}
            onClose={onClose}
          />
        ))}
      </ul>
    </Panel>
  );
}
