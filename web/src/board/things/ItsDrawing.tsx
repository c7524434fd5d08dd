import type { Edit } from "../../api/types";
import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { drawingOf } from "../state/drawings";
import type { BoardState } from "../state/state";

interface Props {
  /** What it is a drawing of. */
  readonly of: string;
  readonly draw: string;
  readonly open: string;
  /** The edit that makes it; null where it cannot be made. */
  readonly edit: (state: BoardState) => Edit | null;
}

/** The one drawing of a thing: made at first, opened from then on. */
export function ItsDrawing({ of, draw, open, edit }: Props) {
  const { sync } = useBoardTools();
  const drawn = useBoard((s) => drawingOf(s, of));
  const make = async () => {
    const made = edit(sync.state);
    if (!made || !(await sync.edit(made))) return;
    const drawing = drawingOf(sync.state, of);
    if (drawing) await sync.show({ kind: "drawing", id: drawing.id });
  };
  return (
    <Button
      className="my-1"
      onClick={() => void (drawn ? sync.show({ kind: "drawing", id: drawn.id }) : make())}
    >
      {drawn ? open : draw}
    </Button>
  );
}
