import { useRef } from "react";

/** Sends one after the other, each when the last is answered: for what is made from what that leaves. */
export function useInTurn() {
  const last = useRef<Promise<unknown>>(Promise.resolve());
  return (send: () => Promise<unknown> | undefined) => {
    last.current = last.current.then(send);
  };
}
