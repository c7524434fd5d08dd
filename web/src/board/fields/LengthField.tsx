import { useState } from "react";
import { readLength } from "../../measure/lengths";
import { printLength } from "../../measure/print";
import { fieldClass } from "../../ui/controls";
import { useBoard } from "../state/context";
import { unitsOf } from "../state/state";
import { useTyped } from "./useTyped";

interface Props {
  readonly label: string;
  readonly mm: number;
  readonly hideLabel?: boolean;
  readonly disabled?: boolean;
  readonly onChange: (mm: number) => void;
}

/** A length to type in the project's unit. What cannot be read stays in place, with the reason. */
export function LengthField({ label, mm, hideLabel, disabled, onChange }: Props) {
  const units = useBoard(unitsOf);
  const words = printLength(mm, units);
  const [fault, setFault] = useState<{ over: string; reason: string } | null>(null);
  const reason = fault?.over === words ? fault.reason : null;

  const accept = (text: string): boolean => {
    const reading = text === words ? null : readLength(text, units);
    setFault(reading?.type === "unreadable" ? { over: words, reason: reading.reason } : null);
    if (reading?.type === "unreadable") return false;
    const typed = reading?.type === "asks" ? reading.firstMm : (reading?.mm ?? mm);
    if (Math.abs(typed - mm) > 1e-6) onChange(typed);
    return true;
  };
  const { field } = useTyped(words, accept);

  return (
    <div className="py-1">
      <label className="flex items-center justify-between gap-3">
        <span className={hideLabel ? "sr-only" : "shrink-0 text-ink-2"}>{label}</span>
        <input
          disabled={disabled}
          className={`${fieldClass} ${hideLabel ? "w-20" : "w-28"} text-right`}
          aria-invalid={reason !== null}
          {...field}
        />
      </label>
      {reason && (
        <p
          className={`text-oxide text-xs ${hideLabel ? "absolute z-10 w-72 rounded border border-oxide/40 bg-paper p-1.5" : ""}`}
        >
          {reason}
        </p>
      )}
    </div>
  );
}

/** A length in the project's unit, to read. */
export function LengthText({ mm }: { readonly mm: number }) {
  const units = useBoard(unitsOf);
  const words = printLength(mm, units);
  return <>{units === "METRIC" ? `${words} mm` : words}</>;
}
