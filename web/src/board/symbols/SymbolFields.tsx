import type { StockSymbol, SymbolKind } from "../../api/types";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";

/** What a symbol counts as when clearances are checked. */
const KINDS: readonly (readonly [SymbolKind, string])[] = [
  ["OTHER", "Nothing special"],
  ["WC", "WC"],
  ["BASIN", "Basin"],
  ["BATH", "Bath"],
  ["SHOWER", "Shower"],
  ["BASE_UNITS", "Base units"],
  ["FRIDGE", "Fridge"],
  ["BED", "Bed"],
  ["TABLE", "Table"],
  ["SEAT", "Seat"],
];

interface FieldProps {
  readonly symbol: StockSymbol;
  readonly set: (change: Partial<StockSymbol>) => void;
}

/** Its name, its sizes, and the lines along which it stretches. */
export function SymbolFields({ symbol, set }: FieldProps) {
  const { width, depth } = symbol;
  const fixed = (mm: number) => ({ leastMm: mm, usualMm: mm, mostMm: mm });
  const text = (label: string, field: "name" | "group") => (
    <Row label={label}>
      <input
        className={`${fieldClass} w-40`}
        value={symbol[field]}
        onChange={(e) => set({ [field]: e.target.value })}
      />
    </Row>
  );
  return (
    <>
      {text("Name", "name")}
      {text("Group", "group")}
      <Row label="Counts as">
        <Choice value={symbol.kind} options={KINDS} onChange={(kind) => set({ kind })} />
      </Row>
      <Row label="Its back">
        <Choice
          value={symbol.back ? "wall" : "free"}
          options={[
            ["wall", "Goes to a wall"],
            ["free", "Stands free"],
          ]}
          onChange={(way) => set({ back: way === "wall" })}
        />
      </Row>
      <LengthField
        label="Width"
        mm={width.usualMm}
        onChange={(mm) => set({ width: fixed(mm), stretchX: [], point: [mm / 2, symbol.point[1]] })}
      />
      <LengthField
        label="Depth"
        mm={depth.usualMm}
        onChange={(mm) =>
          set({ depth: fixed(mm), stretchY: [], point: [symbol.point[0], symbol.back ? 0 : mm / 2] })
        }
      />
      <LengthField label="Above the floor" mm={symbol.lowMm} onChange={(lowMm) => set({ lowMm })} />
      <LengthField label="Height" mm={symbol.heightMm} onChange={(heightMm) => set({ heightMm })} />
      <Stretch
        words="in width"
        lines={symbol.stretchX}
        extent={width}
        onChange={(stretchX, extent) => set({ stretchX, width: extent })}
      />
      <Stretch
        words="in depth"
        lines={symbol.stretchY}
        extent={depth}
        onChange={(stretchY, extent) => set({ stretchY, depth: extent })}
      />
    </>
  );
}

interface StretchProps {
  readonly words: string;
  readonly lines: readonly number[];
  readonly extent: StockSymbol["width"];
  readonly onChange: (lines: number[], extent: StockSymbol["width"]) => void;
}

/** Whether it stretches one way: along which line, and from what size to what. */
function Stretch({ words, lines, extent, onChange }: StretchProps) {
  const [line] = lines;
  if (line === undefined)
    return (
      <Button
        className="mt-2 block"
        onClick={() =>
          onChange([extent.usualMm / 2], {
            ...extent,
            leastMm: extent.usualMm / 2,
            mostMm: Math.min(30000, extent.usualMm * 3),
          })
        }
      >
        Stretch it {words}
      </Button>
    );
  return (
    <div className="mt-2 border-rule border-t pt-1">
      <LengthField
        label={`Stretches ${words} at`}
        mm={line}
        onChange={(mm) => onChange([mm, ...lines.slice(1)], extent)}
      />
      <LengthField
        label="At least"
        mm={extent.leastMm}
        onChange={(leastMm) => onChange([...lines], { ...extent, leastMm })}
      />
      <LengthField
        label="At most"
        mm={extent.mostMm}
        onChange={(mostMm) => onChange([...lines], { ...extent, mostMm })}
      />
    </div>
  );
}
