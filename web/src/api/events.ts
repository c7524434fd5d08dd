/** A project has a new revision, made by some window. */
export interface Revised {
  readonly project: string;
  readonly revision: number;
  readonly window: string;
}

/** What a window says to the shared worker: which project it looks at, null for all; or that it goes. */
export type Looking = { readonly at: string | null } | "gone";

/** Where the events of some projects come from; of all where there is a null among them. */
export function eventsOf(projects: Iterable<string | null>): string {
  const asked = [...new Set(projects)].sort();
  if (asked.includes(null)) return "/api/v1/events";
  return `/api/v1/events?${asked.map((p) => `project=${encodeURIComponent(p ?? "")}`).join("&")}`;
}

/**
 * Hears of new revisions of a project, or of any where it is null; of its revision also whenever the stream begins again, so
 * that nothing is missed in between. All windows of a browser share one stream through a shared worker, since browsers
 * allow only six connections to one address; where there are no shared workers, each window has its own.
 */
export function onRevised(project: string | null, hear: (revised: Revised) => void): () => void {
  if (typeof SharedWorker === "undefined") {
    const source = new EventSource(eventsOf([project]));
    source.addEventListener("revised", (e) => hear(JSON.parse((e as MessageEvent<string>).data) as Revised));
    return () => source.close();
  }
  const worker = new SharedWorker(new URL("./events.worker.ts", import.meta.url), {
    type: "module",
    name: "lintel-events",
  });
  const say = (looking: Looking) => worker.port.postMessage(looking);
  const look = () => say({ at: project });
  const go = () => say("gone");
  worker.port.onmessage = (e: MessageEvent<Revised>) => hear(e.data);
  worker.port.start();
  look();
  addEventListener("pageshow", look);
  addEventListener("pagehide", go);
  return () => {
    removeEventListener("pageshow", look);
    removeEventListener("pagehide", go);
    go();
    worker.port.close();
  };
}
