import { type ChangeEvent, type KeyboardEvent, useEffect, useRef, useState } from "react";
import { flushSync } from "react-dom";

type Field = HTMLInputElement | HTMLTextAreaElement;

/**
 * Typing over the words of a value: leaving the field accepts what is typed, Escape puts the words back first. Enter gives
 * the keys back to the board, unless the text was not taken.
 *
 * @param accept false for what cannot be taken: it stays in the field
 */
export function useTyped(words: string, accept: (text: string) => boolean) {
  const [text, setText] = useState(words);
  /** What Enter has accepted already, so that leaving the field does not do so again. */
  const accepted = useRef<string | null>(null);
  useEffect(() => {
    accepted.current = null;
    setText(words);
  }, [words]);
  const field = {
    value: text,
    onChange: (e: ChangeEvent<Field>) => {
      accepted.current = null;
      setText(e.target.value);
    },
    onBlur: () => {
      if (accepted.current !== text) accept(text);
    },
    onKeyDown: (e: KeyboardEvent<Field>) => {
      if (e.key === "Escape") flushSync(() => setText(words));
      if (e.key !== "Enter" || !(e.target instanceof HTMLInputElement) || !accept(text)) return;
      accepted.current = text;
      if (!e.target.closest("[role=dialog]")) e.target.blur();
    },
  };
  return { text, field };
}
