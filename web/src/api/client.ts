import createClient from "openapi-fetch";
import type { paths } from "./schema";

export const api = createClient<paths>();

/** Names this window to the server, so that it does not hear of its own edits. */
export const windowId = crypto.randomUUID();

/** What the server refused, as its sentence. */
export class Refused extends Error {
  constructor(
    readonly sentence: string,
    /** The end of the problem's type: "refused", "overtaken", "fault" and others. */
    readonly kind: string,
    readonly concerns: readonly string[] = [],
  ) {
    super(sentence);
  }
}

/** The server did not answer, or could not just now: what is sent again goes on where it was. */
export class Offline extends Error {}

const NOT_JUST_NOW = 503;

interface Answered<T> {
  readonly data?: T;
  readonly error?: unknown;
  readonly response: Response;
}

/** The data of an answer, or the problem it came with as an error with a sentence. */
export async function answerOf<T>(request: Promise<Answered<T>>): Promise<T> {
  let answer: Answered<T>;
  try {
    answer = await request;
  } catch {
    throw new Offline("The server does not answer.");
  }
  if (answer.response.ok) return answer.data as T;
  const problem = (answer.error ?? {}) as { type?: string; detail?: string; concerns?: string[] };
  if (answer.response.status === NOT_JUST_NOW)
    throw new Offline(problem.detail ?? "The server cannot answer just now.");
  throw new Refused(
    problem.detail ?? "The server could not do this.",
    problem.type?.split(":").at(-1) ?? "",
    problem.concerns,
  );
}

export function sentenceOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}

/** The same without the place in the request, for what was typed and not sent as a file. */
export function reasonOf(error: unknown): string {
  return sentenceOf(error).replace(/^At [^:]*: /, "");
}
