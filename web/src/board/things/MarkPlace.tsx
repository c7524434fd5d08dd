import type { Fitting, Opening } from "../../api/types";
import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { isMarked } from "../state/lenses";
import { WordsPlace } from "./WordsPlace";

interface Props {
  readonly thing: Opening | Fitting;
  readonly onChange: (words: Opening["words"]) => void;
}

/** Where the mark of an opening or a fitting stands; nothing where the plan shown has none of it. */
export function MarkPlace({ thing, onChange }: Props) {
  const { store } = useBoardTools();
  const marked = useBoard((s) => isMarked(s, thing));
  if (!marked) return null;
  return (
    <WordsPlace what="Its mark" words={thing.words} onChange={onChange}>
      <Button
        className="px-2 py-0"
        onClick={() => store.setState({ tool: { name: "mark", thing: thing.id } })}
      >
        Put it
      </Button>
    </WordsPlace>
  );
}
