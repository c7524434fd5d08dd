import type { Leaders, Note } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { NumberField } from "../fields/NumberField";
import { useBoard, useBoardTools } from "../state/context";
import { elementsOf } from "../state/state";

/** On paper: as wide as a note can be set. */
const WIDEST_MM = 400;

/** How a note is set. @param widthMm null where its lines run on */
export function NoteFields(props: {
  readonly style: Note["style"];
  readonly widthMm: number | null;
  readonly onStyle: (style: Note["style"]) => void;
  readonly onWidth: (widthMm: number | null) => void;
}) {
  const { store } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const styles = elementsOf({ elements }, "letterStyle").toSorted((a, b) => a.heightMm - b.heightMm);
  return (
    <>
      <Row label="Letters">
        <Choice
          value={props.style}
          options={styles.map((s) => [s.id, `${s.name}, ${s.heightMm} mm`])}
          onChange={props.onStyle}
        />
      </Row>
      <button
        type="button"
        className="pb-1 text-verdigris underline"
        onClick={() => store.setState({ dialog: "letterStyles" })}
      >
        Change styles
      </button>
      <NumberField
        label="Lines break at, mm on paper"
        value={props.widthMm}
        hint="run on"
        most={WIDEST_MM}
        onChange={props.onWidth}
      />
    </>
  );
}

/** How leaders run and end. */
export function LeaderFields(props: {
  readonly shape: Leaders["shape"];
  readonly tip: Leaders["tip"];
  readonly onChange: (part: Partial<Pick<Leaders, "shape" | "tip">>) => void;
}) {
  return (
    <>
      <Row label="Leader">
        <Choice
          value={props.shape}
          options={[
            ["ELBOWED", "level, then straight"],
            ["STRAIGHT", "straight"],
            ["CURVED", "curved"],
          ]}
          onChange={(shape) => props.onChange({ shape })}
        />
      </Row>
      <Row label="Ends in">
        <Choice
          value={props.tip}
          options={[
            ["DOT", "a dot"],
            ["ARROW", "an arrowhead"],
            ["NONE", "nothing"],
          ]}
          onChange={(tip) => props.onChange({ tip })}
        />
      </Row>
    </>
  );
}
