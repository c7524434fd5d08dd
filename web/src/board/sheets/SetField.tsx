import type { InputHTMLAttributes } from "react";
import { fieldClass, Row } from "../../ui/controls";
import { useBoard } from "../state/context";
import { setsOf, sheetsAsBound } from "../state/sheets";

/** The name of a set to type, those there are offered. */
export function SetField(props: InputHTMLAttributes<HTMLInputElement>) {
  const elements = useBoard((s) => s.elements);
  const names = setsOf(sheetsAsBound({ elements })).filter(Boolean);
  return (
    <Row label="Set">
      <input className={`${fieldClass} w-44`} list="sets-there-are" {...props} />
      <datalist id="sets-there-are">
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </Row>
  );
}
