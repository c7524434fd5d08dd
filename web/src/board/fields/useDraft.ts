import { useRef, useState } from "react";

/** Something being changed in a panel of its own until it is accepted. */
export function useDraft<T>(initial: T) {
  const latest = useRef(initial);
  const [draft, show] = useState(initial);
  const put = (changed: T) => {
    latest.current = changed;
    show(changed);
  };
  /** As it is now, with what was typed last; null, with the field in hand, where something cannot be read. */
  const settled = (): T | null => {
    const unread = document.querySelector<HTMLElement>("[role=dialog] [aria-invalid=true]");
    unread?.focus();
    return unread ? null : latest.current;
  };
  return { draft, put, settled };
}
