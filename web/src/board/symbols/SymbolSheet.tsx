import { type PointerEvent, useRef, useState } from "react";
import type { Picture, StockSymbol } from "../../api/types";
import { PictureSvg } from "../buildups/PictureSvg";
import { type Point, snapped } from "../canvas/symbolMarks";

interface Props {
  readonly symbol: StockSymbol;
  readonly picture: Picture | null;
  readonly picked: readonly Point[];
  readonly grid: number;
  readonly onPick: (p: Point) => void;
}

function cross([x, y]: Point, arm: number): string {
  return `M${x - arm} ${y}H${x + arm}M${x} ${y - arm}V${y + arm}`;
}

/** The box of a symbol to draw in: its back along the top, its stretch lines dashed. */
export function SymbolSheet({ symbol, picture, picked, grid, onPick }: Props) {
  const sheet = useRef<SVGSVGElement>(null);
  const [pointer, setPointer] = useState<Point | null>(null);
  const width = symbol.width.usualMm;
  const depth = symbol.depth.usualMm;
  const air = Math.max(width, depth) * 0.05;
  const place = (e: PointerEvent): Point | null => {
    const back = sheet.current?.getScreenCTM()?.inverse();
    if (!back) return null;
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(back);
    return snapped([p.x, p.y], grid, width, depth);
  };
  const thin = Math.max(width, depth) / 400;
  const last = picked[picked.length - 1];
  return (
    <svg
      ref={sheet}
      role="img"
      aria-label="Drawing of the symbol"
      className="h-96 w-full cursor-crosshair rounded border border-rule bg-paper"
      viewBox={`${-air} ${-air} ${width + 2 * air} ${depth + 2 * air}`}
      onPointerMove={(e) => setPointer(place(e))}
      onPointerLeave={() => setPointer(null)}
      onPointerDown={(e) => {
        const p = place(e);
        if (p) onPick(p);
      }}
    >
      <rect width={width} height={depth} fill="none" stroke="#c9c2b2" strokeWidth={thin} />
      {symbol.stretchX.map((x) => (
        <path
          key={`x${x}`}
          d={`M${x} 0V${depth}`}
          stroke="#1c766a"
          strokeWidth={thin}
          strokeDasharray={`${thin * 8}`}
        />
      ))}
      {symbol.stretchY.map((y) => (
        <path
          key={`y${y}`}
          d={`M0 ${y}H${width}`}
          stroke="#1c766a"
          strokeWidth={thin}
          strokeDasharray={`${thin * 8}`}
        />
      ))}
      {picture && <PictureSvg picture={picture} />}
      <path d={cross(symbol.point, thin * 10)} stroke="#a63f2d" strokeWidth={thin * 1.5} />
      {picked.map((p) => (
        <circle key={p.join()} cx={p[0]} cy={p[1]} r={thin * 4} fill="#8a5a06" />
      ))}
      {last && pointer && (
        <path d={`M${last[0]} ${last[1]}L${pointer[0]} ${pointer[1]}`} stroke="#8a5a06" strokeWidth={thin} />
      )}
      {pointer && (
        <circle
          cx={pointer[0]}
          cy={pointer[1]}
          r={thin * 5}
          fill="none"
          stroke="#8a5a06"
          strokeWidth={thin}
        />
      )}
    </svg>
  );
}
