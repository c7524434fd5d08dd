import { answerOf, api } from "../../api/client";
import type { Element } from "../../api/types";
import type { ModelPoint } from "../state/view";

const KEY = "lintel.copied";

/** Things copied, with all they refer to, and the point they are held at. Shared by all projects of this browser. */
export interface Copied {
  readonly elements: Element[];
  readonly things: string[];
  readonly base: ModelPoint;
}

export async function copy(project: string, things: readonly string[], base: ModelPoint): Promise<void> {
  const answer = await answerOf(
    api.POST("/api/v1/projects/{project}/copied", {
      params: { path: { project } },
      body: { things: [...things] },
    }),
  );
  const kept: Copied = { elements: answer.elements, things: answer.things, base };
  localStorage.setItem(KEY, JSON.stringify(kept));
  last = { text: localStorage.getItem(KEY), kept };
}

let last: { readonly text: string | null; readonly kept: Copied | null } = { text: null, kept: null };

export function copied(): Copied | null {
  const text = localStorage.getItem(KEY);
  if (text !== last.text) last = { text, kept: text ? (JSON.parse(text) as Copied) : null };
  return last.kept;
}
