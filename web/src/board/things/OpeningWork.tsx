import type { Opening } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { MarkPlace } from "./MarkPlace";

const WORKS = [
  ["AS_WALL", "As its wall"],
  ["NEW", "New in a wall that stands"],
  ["FILLED", "There, and to be filled"],
] as const;

interface Props {
  readonly opening: Opening;
  readonly revise: (change: Partial<Opening>) => void;
}

/** What becomes of an opening in the work drawn, and where its mark stands. */
export function OpeningWork({ opening, revise }: Props) {
  return (
    <>
      <Row label="Work">
        <Choice value={opening.work} options={WORKS} onChange={(work) => revise({ work })} />
      </Row>
      <MarkPlace thing={opening} onChange={(words) => revise({ words })} />
    </>
  );
}
