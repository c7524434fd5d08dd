import { useEffect, useState } from "react";
import { fieldClass } from "../../ui/controls";

interface Props {
  readonly label: string;
  /** From 0 to 1; typed in hundredths. */
  readonly part: number;
  readonly onChange: (part: number) => void;
}

/** A part of a whole, typed in per cent. What is no number stays in place, marked. */
export function PartField({ label, part, onChange }: Props) {
  const shown = String(Number((part * 100).toFixed(2)));
  const [text, setText] = useState(shown);
  useEffect(() => setText(shown), [shown]);
  const typed = Number(text.replace(",", "."));
  const readable = text.trim() !== "" && Number.isFinite(typed) && typed >= 0 && typed <= 90;
  const accept = () => readable && onChange(typed / 100);
  return (
    <span>
      <input
        aria-label={label}
        aria-invalid={!readable}
        title={readable ? undefined : "Between 0 and 90 per cent."}
        className={`${fieldClass} w-12 text-right`}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={accept}
        onKeyDown={(e) => e.key === "Enter" && accept()}
      />{" "}
      %
    </span>
  );
}
