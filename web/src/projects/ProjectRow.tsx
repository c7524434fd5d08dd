import { useState } from "react";
import { answerOf, api, windowId } from "../api/client";
import type { ProjectSummary } from "../api/types";
import { Button, fieldClass } from "../ui/controls";
import { goTo } from "../ui/route";

const day = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

interface RowProps {
  readonly project: ProjectSummary;
  readonly run: (work: Promise<unknown>) => void;
}

/** One project of the list, with what can be done to it there. */
export function ProjectRow({ project: p, run }: RowProps) {
  const [renaming, setRenaming] = useState(false);
  const path = { params: { path: { project: p.id } } };
  const about = [p.address, p.client, p.units === "METRIC" ? "metric" : "feet and inches"];
  return (
    <li className="flex items-center gap-3 border-rule border-b px-2 py-3 hover:bg-lime-2">
      {renaming ? (
        <NewName
          project={p}
          onName={(name) => {
            setRenaming(false);
            if (name !== p.name) run(rename(p.id, name));
          }}
        />
      ) : (
        <button
          type="button"
          disabled={p.deletedAt !== null}
          className="min-w-0 grow text-left"
          onClick={() => goTo(`/projects/${p.id}`)}
        >
          <div className="truncate font-semibold text-[15px]">{p.name}</div>
          <div className="truncate text-ink-2">{about.filter(Boolean).join(" · ")}</div>
        </button>
      )}
      <span className="shrink-0 text-ink-2">{day.format(new Date(p.deletedAt ?? p.changedAt))}</span>
      {p.deletedAt === null ? (
        <>
          <Button onClick={() => setRenaming(true)}>Rename</Button>
          <Button onClick={() => run(answerOf(api.POST("/api/v1/projects/{project}/duplicate", path)))}>
            Duplicate
          </Button>
          <a
            className="rounded border border-rule bg-paper px-3 py-1 hover:bg-lime-2"
            href={`/api/v1/projects/${p.id}/file`}
            download={`${p.name}.lintel.json`}
          >
            Export
          </a>
          <Button onClick={() => run(answerOf(api.DELETE("/api/v1/projects/{project}", path)))}>
            Delete
          </Button>
        </>
      ) : (
        <Button onClick={() => run(answerOf(api.POST("/api/v1/projects/{project}/restore", path)))}>
          Get back
        </Button>
      )}
    </li>
  );
}

function NewName(props: { readonly project: ProjectSummary; readonly onName: (name: string) => void }) {
  const [name, setName] = useState(props.project.name);
  const keep = () => props.onName(name.trim() || props.project.name);
  return (
    <input
      aria-label={`New name of ${props.project.name}`}
      className={`${fieldClass} grow text-[15px]`}
      value={name}
      ref={(input) => input?.focus()}
      onChange={(e) => setName(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === "Enter") e.currentTarget.blur();
        if (e.key === "Escape") props.onName(props.project.name);
      }}
    />
  );
}

/** A project's name is one of its settings, so renaming is an edit and can be undone on the board. */
async function rename(project: string, name: string): Promise<void> {
  const params = { path: { project } };
  const state = await answerOf(api.GET("/api/v1/projects/{project}/state", { params }));
  const settings = state.elements.find((e) => e.type === "settings");
  if (settings?.type !== "settings") return;
  const renamed = { type: "revise", element: { ...settings, name } } as const;
  const body = { editId: crypto.randomUUID(), seen: state.revision, window: windowId, edit: renamed };
  await answerOf(api.POST("/api/v1/projects/{project}/edits", { params, body }));
}
