import { fieldClass } from "../../ui/controls";
import { useTyped } from "./useTyped";

interface Props {
  readonly label: string;
  /** From 0 to 1; typed in hundredths. */
  readonly part: number;
  readonly onChange: (part: number) => void;
}

/** A part of a whole, typed in per cent. What is no number stays in place, marked. */
export function PartField({ label, part, onChange }: Props) {
  const { text, field } = useTyped(String(Number((part * 100).toFixed(2))), (words) => {
    const typed = partOf(words);
    if (typed !== null) onChange(typed);
    return typed !== null;
  });
  const readable = partOf(text) !== null;
  return (
    <span>
      <input
        aria-label={label}
        aria-invalid={!readable}
        title={readable ? undefined : "Between 0 and 90 per cent."}
        className={`${fieldClass} w-12 text-right`}
        {...field}
      />{" "}
      %
    </span>
  );
}

function partOf(text: string): number | null {
  const typed = Number(text.replace(",", "."));
  return text.trim() !== "" && typed >= 0 && typed <= 90 ? typed / 100 : null;
}
