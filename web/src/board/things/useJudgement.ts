import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answerOf, api } from "../../api/client";
import type { BuildUp, BuildUpLook, Edit } from "../../api/types";
import { useBoard } from "../state/context";
import { NO_TRIAL, type Trial, tried } from "./useTrial";

/** What the server says of a build-up that is being edited. */
export interface Judgement extends Trial {
  readonly look: BuildUpLook | null;
}

const NOTHING: Judgement = { ...NO_TRIAL, look: null };

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
