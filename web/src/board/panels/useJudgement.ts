import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import type { BuildUp, BuildUpLook, Edit } from "../../api/types";
import { useBoard } from "../context";

/** What the server says of a build-up that is being edited. */
export interface Judgement {
  /** Why the change would be refused; null where it would not. */
  readonly fault: string | null;
  /** What else would become different, in sentences. */
  readonly effects: readonly string[];
  readonly look: BuildUpLook | null;
}

const NOTHING: Judgement = { fault: null, effects: [], look: null };

/** Asks anew for every change; an answer that comes too late is dropped. */
export function useJudgement(buildUp: BuildUp, edit: Edit): Judgement {
  const project = useBoard((s) => s.project);
  const [judgement, setJudgement] = useState(NOTHING);
  const asked = JSON.stringify([buildUp, edit]);
  useEffect(() => {
    let current = true;
    const [plies, change] = JSON.parse(asked) as [BuildUp, Edit];
    void Promise.all([tried(project, change), lookOf(project, plies)]).then(
      ([trial, look]) => current && setJudgement((last) => ({ ...trial, look: look ?? last.look })),
    );
    return () => {
      current = false;
    };
  }, [asked, project]);
  return judgement;
}

async function tried(project: string, body: Edit): Promise<Pick<Judgement, "fault" | "effects">> {
  try {
    const params = { path: { project }, query: { effects: true } };
    const answer = await answerOf(api.POST("/api/v1/projects/{project}/previews", { params, body }));
    const unchanged = answer.refusal === "Nothing would change.";
    return { fault: unchanged ? null : answer.refusal, effects: answer.effects };
  } catch (error) {
    return { fault: withoutPlace(error), effects: [] };
  }
}

/** Null where it cannot be a build-up at all; the fault says why. */
async function lookOf(project: string, body: BuildUp): Promise<BuildUpLook | null> {
  try {
    const params = { path: { project } };
    return await answerOf(api.POST("/api/v1/projects/{project}/build-ups/look", { params, body }));
  } catch {
    return null;
  }
}

/** The look of a stored build-up; null until it is known. */
export function useLook(buildUp: BuildUp | undefined): BuildUpLook | null {
  const project = useBoard((s) => s.project);
  const asked = JSON.stringify(buildUp);
  const { data } = useQuery({
    queryKey: ["look", project, asked],
    queryFn: () => lookOf(project, JSON.parse(asked) as BuildUp),
    enabled: buildUp !== undefined,
    placeholderData: (last) => last,
  });
  return data ?? null;
}

function withoutPlace(error: unknown): string {
  return sentenceOf(error).replace(/^At [^:]*: /, "");
}
