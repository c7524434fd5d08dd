import { useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { answerOf, api, sentenceOf } from "../api/client";
import { Choice, Row } from "../ui/controls";

const FILE = "file";

/** What a new project begins with: the standard that comes with the program, a project's, or one from a file. */
export type Begun = { readonly with: string } | { readonly with: typeof FILE; readonly file: File };

/** The file of the standard; empty for the one that comes with the program. */
export async function fileOf(begun: Begun): Promise<string> {
  if ("file" in begun) return begun.file.text();
  if (begun.with === "") return "";
  const params = { path: { project: begun.with } };
  return answerOf(api.GET("/api/v1/projects/{project}/standard", { params, parseAs: "text" }));
}

interface Props {
  readonly standard: Begun;
  readonly onChange: (standard: Begun) => void;
}

export function BeginsWith({ standard, onChange }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const projects = useQuery({
    queryKey: ["projects", false],
    queryFn: () => answerOf(api.GET("/api/v1/projects", { params: { query: { deleted: false } } })),
  });
  const file = "file" in standard ? standard.file.name : "A file…";
  return (
    <>
      <Row label="Begins with">
        <Choice
          value={standard.with}
          options={[
            ["", "The standard it comes with"],
            ...(projects.data ?? []).map((p) => [p.id, `That of ${p.name}`] as const),
            [FILE, file],
          ]}
          onChange={(from) => (from === FILE ? input.current?.click() : onChange({ with: from }))}
        />
      </Row>
      {projects.isError && <p className="text-right text-ink-2 text-xs">{sentenceOf(projects.error)}</p>}
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Standard to begin with"
        className="hidden"
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          if (chosen) onChange({ with: FILE, file: chosen });
          e.target.value = "";
        }}
      />
    </>
  );
}
