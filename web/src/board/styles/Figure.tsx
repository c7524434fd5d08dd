import { Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";

/** A number; what is none stays as it was. */
export function Figure(props: {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}) {
  const accept = (text: string) => {
    const typed = Number(text.replace(",", "."));
    if (text.trim() !== "" && Number.isFinite(typed) && typed >= 0) props.onChange(typed);
  };
  return (
    <Row label={props.label}>
      <Accepted value={String(props.value)} onAccept={accept} />
    </Row>
  );
}
