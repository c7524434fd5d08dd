import type { ReactNode } from "react";
import type { Room } from "../../api/types";
import { Button } from "../../ui/controls";
import { useBoard } from "../state/context";
import { planShown } from "../state/state";

type Words = Room["words"];

interface Props {
  /** "Its mark": what is written of the thing in plans. */
  readonly what: string;
  readonly words: Words;
  readonly onChange: (words: Words) => void;
  /** A button that puts it. */
  readonly children?: ReactNode;
}

/** Where what is written of a thing stands in the plan shown, and in all others. */
export function WordsPlace({ what, words, onChange, children }: Props) {
  const plan = useBoard((s) => planShown(s)?.id);
  const own = words.own.find((one) => one.drawing === plan);
  const others = words.own.filter((one) => one !== own);
  const everywhere = words.elsewhere.type === "putAt";
  if (!plan && !everywhere) return null;
  const letGo = () =>
    onChange(own ? { ...words, own: others } : { ...words, elsewhere: { type: "whereClear" } });
  return (
    <div className="flex flex-wrap items-center gap-2 py-1">
      <span className="grow text-ink-2">{what + standing(own !== undefined, everywhere)}</span>
      {children}
      {own && (
        <Button
          className="px-2 py-0"
          title="At this place in all plans of its storey, also in those it was put in by itself"
          onClick={() => onChange({ elsewhere: { type: "putAt", at: own.at }, own: [] })}
        >
          So in all plans
        </Button>
      )}
      {(own || everywhere) && (
        <Button className="px-2 py-0" onClick={letGo}>
          Let go
        </Button>
      )}
    </div>
  );
}

function standing(here: boolean, everywhere: boolean): string {
  if (here) return " is where you put it in this plan";
  return everywhere ? " is where you put it, in all plans" : " finds its place";
}
