import { useRef, useState } from "react";

/** Lengths typed and not yet answered. */
const underway = new Set<Promise<void>>();

/** Keeps in mind that a typed length is being read, for a click on "Change" that comes right after. */
export function beingRead(read: Promise<void>): Promise<void> {
  underway.add(read);
  return read.finally(() => underway.delete(read));
}

/** Something being changed in a panel of its own until it is accepted. */
export function useDraft<T>(initial: T) {
  const latest = useRef(initial);
  const [draft, show] = useState(initial);
  const put = (changed: T) => {
    latest.current = changed;
    show(changed);
  };
  /** As it is once all that was typed is read; null, with the field in hand, where something cannot be. */
  const settled = async (): Promise<T | null> => {
    await Promise.all(underway);
    const unread = document.querySelector<HTMLElement>("[role=dialog] [aria-invalid=true]");
    unread?.focus();
    return unread ? null : latest.current;
  };
  return { draft, put, settled };
}
