import { useState } from "react";
import type { Picture, StockSymbol } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Panel } from "../../ui/controls";
import { markOf, type Point, pointsOf, type Stroke } from "../canvas/symbolMarks";
import { useDraft } from "../fields/useDraft";
import { useBoard, useBoardTools } from "../state/context";
import { addingSymbol } from "../state/revisions";
import { elementsOf, unitsOf } from "../state/state";
import { SymbolFields } from "./SymbolFields";
import { useSymbolPicture } from "./SymbolPicture";
import { SymbolSheet } from "./SymbolSheet";

const STROKES: readonly (readonly [Stroke, string])[] = [
  ["line", "Line"],
  ["rectangle", "Rectangle"],
  ["oval", "Oval"],
  ["arc", "Arc: middle, start, end"],
  ["area", "Area, hides what is under"],
  ["words", "Words"],
  ["point", "The point it is placed by"],
];

const GRIDS = { METRIC: 10, FEET_INCHES: 12.7 } as const;

interface Props {
  readonly symbol: StockSymbol;
  /** Whether it is to be added; else every use of it follows. */
  readonly isNew: boolean;
  readonly onClose: () => void;
}

/** Draws a symbol: of one's own, or one of the stock, which all its uses follow. */
export function SymbolEditor({ symbol, isNew, onClose }: Props) {
  const { sync } = useBoardTools();
  const units = useBoard(unitsOf);
  const uses = useBoard((s) => elementsOf(s, "fitting").filter((f) => f.symbol === symbol.id).length);
  const { draft: made, put, settled } = useDraft(symbol);
  const [stroke, chooseStroke] = useState<Stroke>("line");
  const [words, setWords] = useState("");
  const [picked, setPicked] = useState<readonly Point[]>([]);
  const picture: Picture | null = useSymbolPicture(made, made.width.usualMm, made.depth.usualMm);
  const set = (change: Partial<StockSymbol>) => put({ ...made, ...change });

  const finish = (points: readonly Point[]) => {
    const mark = markOf(stroke, points, words);
    if (mark) set({ drawn: [...made.drawn, mark] });
    setPicked([]);
  };
  const pick = (p: Point) => {
    if (stroke === "point") return set({ point: [p[0], p[1]] });
    const points = [...picked, p];
    if (points.length === pointsOf(stroke)) finish(points);
    else setPicked(points);
  };
  const takeBack = () =>
    picked.length > 0 ? setPicked(picked.slice(0, -1)) : set({ drawn: made.drawn.slice(0, -1) });
  const save = async () => {
    const done = settled();
    if (!done) return;
    const stored = isNew
      ? await sync.edit(addingSymbol(done, []))
      : await sync.revise({ ...done, type: "symbol" });
    if (stored) onClose();
  };
  const missing = made.name.trim() === "" || made.drawn.length === 0;
  return (
    <Panel title={isNew ? "New symbol" : `Symbol ${symbol.name}`} onClose={onClose} size="w-272">
      <div className="flex gap-6">
        <div className="min-w-0 grow">
          <div className="mb-2 flex items-center gap-2">
            <Choice
              label="Draw"
              value={stroke}
              options={STROKES}
              className="max-w-56"
              onChange={(p) => chooseStroke(p)}
            />
            {stroke === "words" && (
              <input
                aria-label="Words to place"
                className={`${fieldClass} w-40`}
                value={words}
                onChange={(e) => setWords(e.target.value)}
              />
            )}
            {pointsOf(stroke) === null && (
              <Button disabled={picked.length < 2} onClick={() => finish(picked)}>
                Done
              </Button>
            )}
            <div className="grow" />
            <Button disabled={picked.length + made.drawn.length === 0} onClick={takeBack}>
              Take back
            </Button>
          </div>
          <SymbolSheet symbol={made} picture={picture} picked={picked} grid={GRIDS[units]} onPick={pick} />
          <p className="pt-1 text-ink-2">The back lies along the top; the cross is what it is placed by.</p>
        </div>
        <aside className="w-76 shrink-0">
          <SymbolFields symbol={made} set={set} />
        </aside>
      </div>
      {missing && isNew && <Fault>A symbol needs a name and something drawn.</Fault>}
      <div className="mt-3 flex items-center justify-end gap-2">
        <span className="grow text-ink-2">{!isNew && `${uses} of it follow.`}</span>
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={missing} onClick={() => void save()}>
          {isNew ? "Add to the stock" : "Change"}
        </Button>
      </div>
    </Panel>
  );
}
