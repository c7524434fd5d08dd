import { fieldClass } from "../../ui/controls";
import { useTyped } from "./useTyped";

/** A number to type, with a decimal point or comma. What is none stays in place, marked. */
export function Figure(props: {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}) {
  const { text, field } = useTyped(String(props.value), (typed) => {
    const value = numberIn(typed);
    if (value !== undefined && value !== props.value) props.onChange(value);
    return value !== undefined;
  });
  const readable = numberIn(text) !== undefined;
  return (
    <div className="py-1">
      <label className="flex items-center justify-between gap-3">
        <span className="shrink-0 text-ink-2">{props.label}</span>
        <input className={`${fieldClass} w-40`} aria-invalid={!readable} {...field} />
      </label>
      {!readable && <p className="text-oxide text-xs">A number, 0 or more.</p>}
    </div>
  );
}

/** Undefined where it is none. */
function numberIn(text: string): number | undefined {
  const typed = Number(
    text
      .trim()
      .replace(/\s*mm$/, "")
      .replace(",", "."),
  );
  return text.trim() !== "" && Number.isFinite(typed) && typed >= 0 ? typed : undefined;
}
