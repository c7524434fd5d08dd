import { useState } from "react";
import type { Pitch } from "../../api/types";
import { pitchWords, readPitch } from "../../measure/pitch";
import { fieldClass } from "../../ui/controls";
import { useBoard } from "../state/context";
import { unitsOf } from "../state/state";
import { useTyped } from "./useTyped";

interface Props {
  readonly label: string;
  readonly pitch: Pitch;
  readonly onChange: (pitch: Pitch) => void;
}

/** A pitch to type, kept as it was said. What cannot be read stays in place, with the reason. */
export function PitchField({ label, pitch, onChange }: Props) {
  const bare = useBoard(unitsOf) === "METRIC" ? "DEGREES" : "IN_TWELVE";
  const words = pitchWords(pitch);
  const [fault, setFault] = useState<{ over: string; reason: string } | null>(null);
  const reason = fault?.over === words ? fault.reason : null;
  const { field } = useTyped(words, (text) => {
    if (text === words) return true;
    const reading = readPitch(text, bare);
    setFault(reading.type === "unreadable" ? { over: words, reason: reading.reason } : null);
    if (reading.type === "unreadable") return false;
    onChange(reading.pitch);
    return true;
  });
  return (
    <div className="py-1">
      <label className="flex items-center justify-between gap-3">
        <span className="shrink-0 text-ink-2">{label}</span>
        <input className={`${fieldClass} w-28 text-right`} aria-invalid={reason !== null} {...field} />
      </label>
      {reason && <p className="text-oxide text-xs">{reason}</p>}
    </div>
  );
}
