/// <reference lib="webworker" />
/** Holds the browser's one event stream and passes what it hears to every window. */
const ports = new Set<MessagePort>();
const source = new EventSource("/api/v1/events");

source.addEventListener("revised", (event) => {
  const revised: unknown = JSON.parse((event as MessageEvent<string>).data);
  for (const port of ports) port.postMessage(revised);
});

(self as unknown as SharedWorkerGlobalScope).onconnect = (event) => {
  const port = event.ports[0];
  if (port) {
    ports.add(port);
    port.start();
  }
};
