import { type ChangeEvent, type KeyboardEvent, useEffect, useState } from "react";
import { flushSync } from "react-dom";

type Field = HTMLInputElement | HTMLTextAreaElement;

/** Typing over the words of a value: leaving the field accepts what is typed, Escape puts the words back first. */
export function useTyped(words: string, accept: (text: string) => void) {
  const [text, setText] = useState(words);
  useEffect(() => setText(words), [words]);
  const field = {
    value: text,
    onChange: (e: ChangeEvent<Field>) => setText(e.target.value),
    onBlur: () => accept(text),
    onKeyDown: (e: KeyboardEvent<Field>) => {
      if (e.key === "Escape") flushSync(() => setText(words));
      if (e.key === "Enter" && e.target instanceof HTMLInputElement) accept(text);
    },
  };
  return { text, field };
}
