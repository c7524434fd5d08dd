import type { Opening } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { typing } from "../state/revisions";
import { type BoardState, elementsOf } from "../state/state";

const elementsIn = (state: BoardState) => state.elements;

/** What type an opening is of: openings of one type share sizes, kind and make, and change together. */
export function OpeningType({ opening }: { readonly opening: Opening }) {
  const { sync } = useBoardTools();
  const elements = useBoard(elementsIn);
  const isWindow = opening.kind.type === "window";
  const alike = elementsOf({ elements }, "opening").filter((o) => (o.kind.type === "window") === isWindow);
  const marks = [...new Set(alike.map((o) => o.typeMark).filter((m) => m !== ""))].sort();
  const fellows = alike.filter((o) => o.typeMark !== "" && o.typeMark === opening.typeMark).length;
  const make = (typeMark: string) => void sync.edit(typing([opening.id], typeMark));
  const next = nextMark(marks, isWindow ? "GT" : "DT");
  return (
    <>
      <Row label="Type">
        <Choice
          value={opening.typeMark}
          options={[
            ["", "None of its own"],
            ...marks.map((m) => [m, m] as const),
            ...(opening.typeMark === "" ? [[next, `New type ${next}`] as const] : []),
          ]}
          onChange={make}
        />
      </Row>
      {fellows > 1 && (
        <p className="mb-1 text-ink-2">
          {fellows} of this type change together.{" "}
          <Button className="ml-1 px-2 py-0" onClick={() => make("")}>
            Split off
          </Button>
        </p>
      )}
    </>
  );
}

function nextMark(marks: readonly string[], letters: string): string {
  let n = 1;
  while (marks.includes(`${letters}${n}`)) n++;
  return `${letters}${n}`;
}
