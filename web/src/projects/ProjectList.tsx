import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { answerOf, api, sentenceOf } from "../api/client";
import { onRevised } from "../api/events";
import type { ProjectSummary } from "../api/types";
import { Button, Fault } from "../ui/controls";
import { NewProjectDialog } from "./NewProjectDialog";
import { ProjectRow } from "./ProjectRow";

/** The list of projects, and those deleted in the last 30 days. */
export function ProjectList() {
  const [deleted, setDeleted] = useState(false);
  const [making, setMaking] = useState(false);
  const [fault, setFault] = useState<string>();
  const queries = useQueryClient();
  const projects = useQuery({
    queryKey: ["projects", deleted],
    queryFn: () => answerOf(api.GET("/api/v1/projects", { params: { query: { deleted } } })),
  });

  useEffect(
    () => onRevised(null, () => void queries.invalidateQueries({ queryKey: ["projects"] })),
    [queries],
  );

  const run = async (work: Promise<unknown>) => {
    setFault(undefined);
    try {
      await work;
    } catch (error) {
      setFault(sentenceOf(error));
    }
    await queries.invalidateQueries({ queryKey: ["projects"] });
  };

  return (
    <div className="mx-auto flex h-full max-w-5xl flex-col px-8 pt-10">
      <header className="flex items-center gap-3 border-rule border-b pb-4">
        <img src="/mark.svg" alt="" width={28} height={23} />
        <h1 className="grow font-semibold text-xl">{deleted ? "Deleted projects" : "Projects"}</h1>
        <ImportButton onImport={(body) => run(importFile(body))} />
        <Button onClick={() => setDeleted(!deleted)}>{deleted ? "Back to projects" : "Deleted"}</Button>
        <Button main onClick={() => setMaking(true)}>
          New project
        </Button>
      </header>
      {fault && <Fault>{fault}</Fault>}
      {projects.isError && <Fault>{sentenceOf(projects.error)}</Fault>}
      {projects.isPending && <p className="py-6 text-ink-2">Reading projects…</p>}
      {projects.data?.length === 0 && (
        <p className="py-10 text-center text-ink-2">
          {deleted
            ? "Nothing was deleted in the last 30 days."
            : "No projects yet. Make one to start drawing, or import a project file."}
        </p>
      )}
      <ul className="overflow-auto">
        {projects.data?.map((p) => (
          <ProjectRow key={p.id} project={p} run={run} />
        ))}
      </ul>
      {making && <NewProjectDialog onClose={() => setMaking(false)} />}
    </div>
  );
}

function importFile(body: string): Promise<ProjectSummary> {
  return answerOf(
    api.POST("/api/v1/projects/file", {
      body: body as unknown as Record<string, never>,
      bodySerializer: (raw) => raw as unknown as string,
      headers: { "Content-Type": "application/json" },
    }),
  );
}

function ImportButton({ onImport }: { readonly onImport: (body: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Project file"
        className="hidden"
        onChange={async (e) => {
          const file = e.target.files?.[0];
          if (file) onImport(await file.text());
          e.target.value = "";
        }}
      />
      <Button onClick={() => input.current?.click()}>Import</Button>
    </>
  );
}
