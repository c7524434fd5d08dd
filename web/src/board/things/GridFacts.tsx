import type { GridLine } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { useBoardTools } from "../state/context";

export const BUBBLES = [
  ["BOTH", "at both ends"],
  ["START", "where it starts"],
  ["END", "where it ends"],
] as const;

/** The mark of a grid line, and where its bubbles stand. */
export function GridFacts({ line }: { readonly line: GridLine }) {
  const { sync } = useBoardTools();
  const revise = (part: Partial<GridLine>) => void sync.revise({ ...line, ...part, type: "gridLine" });
  return (
    <>
      <Row label="Mark">
        <Accepted value={line.mark} onAccept={(mark) => revise({ mark })} />
      </Row>
      <Row label="Bubbles">
        <Choice value={line.bubbles} options={BUBBLES} onChange={(bubbles) => revise({ bubbles })} />
      </Row>
    </>
  );
}
