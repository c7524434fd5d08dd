import { useEffect, useState } from "react";
import { flushSync } from "react-dom";
import { answerOf, api } from "../../api/client";
import { fieldClass } from "../../ui/controls";
import { useBoard } from "../context";
import { unitsOf } from "../state";
import { beingRead } from "./useDraft";
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
  const words = usePrinted(mm);
  const [fault, setFault] = useState<{ over: string; reason: string } | null>(null);
  const reason = fault?.over === words ? fault.reason : null;

  /** What it comes to is on the page when this is done, for what waits for it. */
  const read = async (text: string) => {
    const { reading } = await answerOf(api.POST("/api/v1/lengths", { body: { text, units } }));
    flushSync(() => {
      if (reading.type === "unreadable") return setFault({ over: words, reason: reading.reason });
      setFault(null);
      const typed = reading.type === "read" ? reading.mm : reading.firstMm;
      if (Math.abs(typed - mm) > 1e-6) onChange(typed);
    });
  };
  const { field } = useTyped(words, (text) => {
    if (text === words) setFault(null);
    else void beingRead(read(text));
  });

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
  const words = usePrinted(mm);
  return <>{words !== "" && units === "METRIC" ? `${words} mm` : words}</>;
}

/** The words of a length in the project's unit; none until the server said them. */
function usePrinted(mm: number): string {
  const units = useBoard(unitsOf);
  const [words, setWords] = useState("");
  useEffect(() => {
    let current = true;
    const body = { text: `${mm.toFixed(6)} mm`, units };
    void answerOf(api.POST("/api/v1/lengths", { body })).then(
      ({ printed }) => current && setWords(printed[0] ?? String(mm)),
    );
    return () => {
      current = false;
    };
  }, [mm, units]);
  return words;
}
