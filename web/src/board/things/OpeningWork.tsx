import type { Opening } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { useBoardTools } from "../state/context";

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
  const { store } = useBoardTools();
  const put = opening.markAt.type === "putBeside";
  return (
    <>
      <Row label="Work">
        <Choice value={opening.work} options={WORKS} onChange={(work) => revise({ work })} />
      </Row>
      <div className="flex items-center gap-2 py-1">
        <span className="grow text-ink-2">
          {put ? "Its mark is where you put it" : "Its mark finds its place"}
        </span>
        <Button
          className="px-2 py-0"
          onClick={() => store.setState({ tool: { name: "mark", opening: opening.id } })}
        >
          Put it
        </Button>
        {put && (
          <Button className="px-2 py-0" onClick={() => revise({ markAt: { type: "whereClear" } })}>
            Let go
          </Button>
        )}
      </div>
    </>
  );
}
