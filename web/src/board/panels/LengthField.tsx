import { useEffect, useState } from "react";
import { answerOf, api } from "../../api/client";
import { fieldClass } from "../../ui/controls";
import { useBoard } from "../context";
import { unitsOf } from "../state";

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
  const [text, setText] = useState("");
  const [reason, setReason] = useState<string | null>(null);

  useEffect(() => {
    let current = true;
    setReason(null);
    void printed(mm, units).then((words) => current && setText(words));
    return () => {
      current = false;
    };
  }, [mm, units]);

  const accept = async () => {
    const { reading } = await answerOf(api.POST("/api/v1/lengths", { body: { text, units } }));
    if (reading.type === "unreadable") return setReason(reading.reason);
    setReason(null);
    const typed = reading.type === "read" ? reading.mm : reading.firstMm;
    if (Math.abs(typed - mm) > 1e-6) onChange(typed);
  };

  return (
    <div className="py-1">
      <label className="flex items-center justify-between gap-3">
        <span className={hideLabel ? "sr-only" : "shrink-0 text-ink-2"}>{label}</span>
        <input
          disabled={disabled}
          className={`${fieldClass} ${hideLabel ? "w-20" : "w-28"} text-right`}
          aria-invalid={reason !== null}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onBlur={() => void accept()}
          onKeyDown={(e) => e.key === "Enter" && void accept()}
        />
      </label>
      {reason && <p className="text-oxide text-xs">{reason}</p>}
    </div>
  );
}

/** A length in the project's unit, to read. */
export function LengthText({ mm }: { readonly mm: number }) {
  const units = useBoard(unitsOf);
  const [text, setText] = useState("");
  useEffect(() => {
    let current = true;
    void printed(mm, units).then((words) => current && setText(units === "METRIC" ? `${words} mm` : words));
    return () => {
      current = false;
    };
  }, [mm, units]);
  return <>{text}</>;
}

async function printed(mm: number, units: "METRIC" | "FEET_INCHES"): Promise<string> {
  const answer = await answerOf(
    api.POST("/api/v1/lengths", { body: { text: `${mm.toFixed(6)} mm`, units } }),
  );
  return answer.printed[0] ?? String(mm);
}
