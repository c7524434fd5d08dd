import { useEffect, useState } from "react";
import { fieldClass } from "../../ui/controls";

/** Text that is accepted on leaving the field. */
export function Accepted(props: {
  readonly value: string;
  readonly onAccept: (value: string) => void;
  readonly rows?: number;
}) {
  const [text, setText] = useState(props.value);
  useEffect(() => setText(props.value), [props.value]);
  const accept = () => {
    if (text !== props.value) props.onAccept(text);
  };
  if (props.rows) {
    return (
      <textarea
        aria-label="Text"
        rows={props.rows}
        className={`${fieldClass} w-full`}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={accept}
      />
    );
  }
  return (
    <input
      className={`${fieldClass} w-40`}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={accept}
    />
  );
}
