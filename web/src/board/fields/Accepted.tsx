import { fieldClass } from "../../ui/controls";
import { useTyped } from "./useTyped";

/** Text that is accepted on leaving the field. */
export function Accepted(props: {
  readonly value: string;
  readonly onAccept: (value: string) => void;
  readonly rows?: number;
}) {
  const { field } = useTyped(props.value, (text) => {
    if (text !== props.value) props.onAccept(text);
    return true;
  });
  return props.rows ? (
    <textarea aria-label="Text" rows={props.rows} className={`${fieldClass} w-full`} {...field} />
  ) : (
    <input className={`${fieldClass} w-40`} {...field} />
  );
}
