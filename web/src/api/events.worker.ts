/// <reference lib="webworker" />
import { eventsOf, type Looking, type Revised } from "./events";

/** Holds the browser's one event stream, of the projects its windows look at, and passes what it hears to them. */
const lookedAt = new Map<MessagePort, string | null>();
let source: EventSource | null = null;
let following = "";

function follow(): void {
  const address = lookedAt.size > 0 ? eventsOf(lookedAt.values()) : "";
  if (address === following) return;
  following = address;
  source?.close();
  source = address ? new EventSource(address) : null;
  source?.addEventListener("revised", (event) =>
    pass(JSON.parse((event as MessageEvent<string>).data) as Revised),
  );
}

function pass(revised: Revised): void {
  for (const [port, at] of lookedAt) if (at === null || at === revised.project) port.postMessage(revised);
}

(self as unknown as SharedWorkerGlobalScope).onconnect = (event) => {
  const port = event.ports[0];
  if (!port) return;
  port.onmessage = (said: MessageEvent<Looking>) => {
    if (said.data === "gone") lookedAt.delete(port);
    else lookedAt.set(port, said.data.at);
    follow();
  };
};
