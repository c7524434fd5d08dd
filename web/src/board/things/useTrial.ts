import { useEffect, useState } from "react";
import { answerOf, api, reasonOf } from "../../api/client";
import type { Edit } from "../../api/types";
import { useBoard } from "../state/context";

/** What an edit would come to. */
export interface Trial {
  /** Why it would be refused; null where it would not. */
  readonly fault: string | null;
  /** What else would become different, in sentences. */
  readonly effects: readonly string[];
}

export const NO_TRIAL: Trial = { fault: null, effects: [] };

/** Tries an edit without storing it. */
export async function tried(project: string, body: Edit): Promise<Trial> {
  try {
    const params = { path: { project }, query: { effects: true } };
    const answer = await answerOf(api.POST("/api/v1/projects/{project}/previews", { params, body }));
    const unchanged = answer.refusal === "Nothing would change.";
    return { fault: unchanged ? null : answer.refusal, effects: [...answer.effects, ...answer.news] };
  } catch (error) {
    return { fault: reasonOf(error), effects: [] };
  }
}

/** Tries an edit anew for every change of it; an answer that comes too late is dropped. */
export function useTrial(edit: Edit | null): Trial {
  const project = useBoard((s) => s.project);
  const [trial, setTrial] = useState(NO_TRIAL);
  const asked = edit && JSON.stringify(edit);
  useEffect(() => {
    let current = true;
    if (asked === null) setTrial(NO_TRIAL);
    else void tried(project, JSON.parse(asked) as Edit).then((t) => current && setTrial(t));
    return () => {
      current = false;
    };
  }, [asked, project]);
  return trial;
}
