/** A project has a new revision, made by some window. */
export interface Revised {
  readonly project: string;
  readonly revision: number;
  readonly window: string;
}

/**
 * Hears of new revisions. All windows of a browser share one stream through a shared worker, since browsers allow only
 * six connections to one address; where there are no shared workers, each window has its own.
 */
export function onRevised(hear: (revised: Revised) => void): () => void {
  if (typeof SharedWorker === "undefined") {
    const source = new EventSource("/api/v1/events");
    source.addEventListener("revised", (e) => hear(JSON.parse((e as MessageEvent<string>).data) as Revised));
    return () => source.close();
  }
  const worker = new SharedWorker(new URL("./events.worker.ts", import.meta.url), {
    type: "module",
    name: "lintel-events",
  });
  worker.port.onmessage = (e: MessageEvent<Revised>) => hear(e.data);
  worker.port.start();
  return () => worker.port.close();
}
