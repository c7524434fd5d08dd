import { useSyncExternalStore } from "react";

function subscribe(changed: () => void): () => void {
  window.addEventListener("popstate", changed);
  return () => window.removeEventListener("popstate", changed);
}

/** The page's path. */
export function usePath(): string {
  return useSyncExternalStore(subscribe, () => window.location.pathname);
}

export function goTo(path: string): void {
  window.history.pushState(null, "", path);
  window.dispatchEvent(new PopStateEvent("popstate"));
}
