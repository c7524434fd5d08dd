import { useState } from "react";
import type { Fitting, StockSymbol } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { addingSymbol, filling } from "../state/revisions";
import { type BoardState, elementOf, elementsOf, type Making } from "../state/state";
import { SymbolEditor } from "../symbols/SymbolEditor";
import { SymbolPicture } from "../symbols/SymbolPicture";
import { MarkPlace } from "./MarkPlace";
import { SetOutFacts } from "./SetOutFacts";

const elementsIn = (state: BoardState) => state.elements;
const MIRRORED = [
  ["no", "As drawn"],
  ["yes", "Mirrored"],
] as const;

const NEW_SYMBOL: StockSymbol = {
  type: "symbol",
  id: "symbol-own",
  name: "",
  kind: "OTHER",
  group: "Our own",
  back: true,
  point: [300, 0],
  width: { leastMm: 600, usualMm: 600, mostMm: 600 },
  depth: { leastMm: 600, usualMm: 600, mostMm: 600 },
  lowMm: 0,
  heightMm: 900,
  stretchX: [],
  stretchY: [],
  drawn: [],
  parts: [],
  source: "",
};

interface NewProps {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

/** The stock to choose from, and the size of the next fitting. */
export function NewFitting({ making, set }: NewProps) {
  const elements = useBoard(elementsIn);
  const [edited, setEdited] = useState<StockSymbol | null>(null);
  const { fitting } = making;
  const change = (part: Partial<Making["fitting"]>) => set({ fitting: { ...fitting, ...part } });
  const symbol = elementOf({ elements }, "symbol", fitting.symbol);
  const choose = (s: StockSymbol) =>
    change({ symbol: s.id, widthMm: s.width.usualMm, depthMm: s.depth.usualMm });
  return (
    <Section title="New fitting" words={symbol?.back ? "its back goes to a wall" : "it stands free"}>
      <Stock chosen={fitting.symbol} onChoose={choose} />
      {symbol && (
        <>
          <SymbolPicture symbol={symbol} widthMm={fitting.widthMm} depthMm={fitting.depthMm} />
          <Sizes symbol={symbol} size={fitting} onChange={change} />
          <Row label="Sides">
            <Choice
              value={fitting.mirrored ? "yes" : "no"}
              options={MIRRORED}
              onChange={(way) => change({ mirrored: way === "yes" })}
            />
          </Row>
          <p className="py-1 text-ink-2 text-xs">{symbol.source}</p>
          <Button className="mr-2 mb-2" onClick={() => setEdited(symbol)}>
            Change the symbol
          </Button>
        </>
      )}
      <Button onClick={() => setEdited(NEW_SYMBOL)}>Draw a symbol</Button>
      {edited && (
        <SymbolEditor symbol={edited} isNew={edited === NEW_SYMBOL} onClose={() => setEdited(null)} />
      )}
    </Section>
  );
}

/** The symbols of the project by group. */
function Stock({
  chosen,
  onChoose,
}: {
  readonly chosen: string;
  readonly onChoose: (symbol: StockSymbol) => void;
}) {
  const elements = useBoard(elementsIn);
  const symbols = elementsOf({ elements }, "symbol");
  const groups = [...new Set(symbols.map((s) => s.group))];
  return (
    <Row label="Fitting">
      <select
        aria-label="Fitting"
        className="min-w-0 max-w-44 rounded border border-rule bg-paper px-2 py-0.5"
        value={chosen}
        onChange={(e) => {
          const symbol = symbols.find((s) => s.id === e.target.value);
          if (symbol) onChoose(symbol);
        }}
      >
        {groups.map((group) => (
          <optgroup key={group} label={group}>
            {symbols
              .filter((s) => s.group === group)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
          </optgroup>
        ))}
      </select>
    </Row>
  );
}

interface Size {
  readonly widthMm: number;
  readonly depthMm: number;
}

/** Sizes that vary can be typed, within what the symbol allows. */
function Sizes({
  symbol,
  size,
  onChange,
}: {
  readonly symbol: StockSymbol;
  readonly size: Size;
  readonly onChange: (size: Partial<Size>) => void;
}) {
  const { width, depth } = symbol;
  const within = (mm: number, e: StockSymbol["width"]) => Math.max(e.leastMm, Math.min(e.mostMm, mm));
  return (
    <>
      <LengthField
        label="Width"
        mm={size.widthMm}
        disabled={width.leastMm === width.mostMm}
        onChange={(mm) => onChange({ widthMm: within(mm, width) })}
      />
      <LengthField
        label="Depth"
        mm={size.depthMm}
        disabled={depth.leastMm === depth.mostMm}
        onChange={(mm) => onChange({ depthMm: within(mm, depth) })}
      />
    </>
  );
}

/** The facts of a selected fitting. */
export function FittingFacts({ fitting }: { readonly fitting: Fitting }) {
  const { sync } = useBoardTools();
  const elements = useBoard(elementsIn);
  const settingOut = useBoard((s) => (s.settingOut?.thing === fitting.id ? s.settingOut : null));
  const symbol = elementOf({ elements }, "symbol", fitting.symbol);
  const revise = (change: Partial<Fitting>) => void sync.revise({ ...fitting, ...change, type: "fitting" });
  const { seat } = fitting;
  if (!symbol) return null;
  const ownCopy = () => {
    const name = `${symbol.name}, ${fitting.mark}`;
    void sync.edit(addingSymbol({ ...symbol, name }, [fitting.id]));
  };
  const uses = elementsOf({ elements }, "fitting").filter((f) => f.symbol === symbol.id).length;
  return (
    <>
      {seat.type === "onWall" && settingOut && (
        <SetOutFacts settingOut={settingOut} onChange={(placing) => revise({ seat: { ...seat, placing } })} />
      )}
      {seat.type === "free" && (
        <Button
          className="mb-1"
          onClick={() => revise({ seat: { ...seat, angle: (seat.angle + Math.PI / 2) % (2 * Math.PI) } })}
        >
          Turn by a quarter
        </Button>
      )}
      <Stock
        chosen={symbol.id}
        onChoose={(s) => revise({ symbol: s.id, widthMm: s.width.usualMm, depthMm: s.depth.usualMm })}
      />
      <Sizes symbol={symbol} size={fitting} onChange={revise} />
      <Row label="Sides">
        <Choice
          value={fitting.mirrored ? "yes" : "no"}
          options={MIRRORED}
          onChange={(way) => revise({ mirrored: way === "yes" })}
        />
      </Row>
      <MarkPlace thing={fitting} onChange={(words) => revise({ words })} />
      {seat.type === "onWall" && symbol.width.leastMm < symbol.width.mostMm && (
        <Button
          className="my-1 mr-2"
          title="From the wall at its one side to that at its other"
          onClick={() => void sync.edit(filling(fitting.id))}
        >
          Fill between walls
        </Button>
      )}
      {uses > 1 && (
        <Button
          className="my-1"
          title="A copy of the symbol for this one alone: it no longer follows the original"
          onClick={ownCopy}
        >
          Set free of the other {uses - 1}
        </Button>
      )}
    </>
  );
}
