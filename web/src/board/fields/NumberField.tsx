import { fieldClass } from "../../ui/controls";
import { useTyped } from "./useTyped";

interface Props {
  readonly label: string;
  /** Null where it is left to the rules. */
  readonly value: number | null;
  readonly hint?: string;
  readonly most?: number;
  readonly onChange: (value: number | null) => void;
}

/** A whole number to type; empty leaves it to the rules. What is no number stays in place, marked. */
export function NumberField({ label, value, hint = "", most = 60, onChange }: Props) {
  const { text, field } = useTyped(value === null ? "" : String(value), (words) => {
    const typed = numberOf(words, most);
    if (typed !== undefined && typed !== value) onChange(typed);
    return typed !== undefined;
  });
  const readable = numberOf(text, most) !== undefined;
  return (
    <div className="py-1">
      <label className="flex items-center justify-between gap-3">
        <span className="shrink-0 text-ink-2">{label}</span>
        <input
          className={`${fieldClass} w-20 text-right`}
          aria-invalid={!readable}
          placeholder={hint}
          {...field}
        />
      </label>
      {!readable && <p className="text-oxide text-xs">A whole number from 1 to {most}.</p>}
    </div>
  );
}

/** Null where nothing is typed; undefined where it is no number to use. */
function numberOf(text: string, most: number): number | null | undefined {
  if (text.trim() === "") return null;
  const typed = Number(text);
  return Number.isInteger(typed) && typed >= 1 && typed <= most ? typed : undefined;
}
