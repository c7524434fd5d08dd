import { useEffect, useState } from "react";
import { fieldClass } from "../../ui/controls";

interface Props {
  readonly label: string;
  /** Null where it is left to the rules. */
  readonly value: number | null;
  readonly hint?: string;
  readonly onChange: (value: number | null) => void;
}

/** A whole number to type; empty leaves it to the rules. What is no number stays in place, marked. */
export function NumberField({ label, value, hint = "", onChange }: Props) {
  const shown = value === null ? "" : String(value);
  const [text, setText] = useState(shown);
  useEffect(() => setText(shown), [shown]);
  const typed = text.trim() === "" ? null : Number(text);
  const readable = typed === null || (Number.isInteger(typed) && typed >= 1 && typed <= 60);
  const accept = () => readable && typed !== value && onChange(typed);
  return (
    <div className="py-1">
      <label className="flex items-center justify-between gap-3">
        <span className="shrink-0 text-ink-2">{label}</span>
        <input
          className={`${fieldClass} w-20 text-right`}
          aria-invalid={!readable}
          placeholder={hint}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onBlur={accept}
          onKeyDown={(e) => e.key === "Enter" && accept()}
        />
      </label>
      {!readable && <p className="text-oxide text-xs">A whole number from 1 to 60.</p>}
    </div>
  );
}
