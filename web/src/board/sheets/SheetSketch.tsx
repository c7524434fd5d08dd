import type { FilledSheet, LaidOutSheet } from "../../api/types";
import { useBoard } from "../state/context";
import { paperOf } from "../state/papers";
import { elementOf } from "../state/state";
import { outlineOf, shifted } from "./fitting";

interface Props {
  readonly sheet: Pick<LaidOutSheet, "number" | "paper" | "drawings">;
  /** Of a sheet there is, round what stands on it. */
  readonly taken?: FilledSheet["taken"];
}

/** A sheet in small: its drawing area, and what each drawing takes of it. */
export function SheetSketch({ sheet, taken = [] }: Props) {
  const papers = useBoard((s) => s.papers);
  const elements = useBoard((s) => s.elements);
  const paper = paperOf({ papers }, sheet.paper);
  if (!paper) return null;
  const { width, height } = paper;
  const outline = outlineOf(sheet, { papers, elements })
    .map(([x, y]) => `${x},${height - y}`)
    .join(" ");
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className="w-full border border-rule bg-paper" role="img">
      <title>{`Sheet ${sheet.number}`}</title>
      <polygon points={outline} className="fill-none stroke-rule" strokeWidth={width / 300} />
      {taken.map((box) => (
        <Taken key={`${box.minX} ${box.minY}`} box={box} paper={paper} look="fill-lime-2 stroke-rule" />
      ))}
      {sheet.drawings.map((p) => {
        const box = shifted(p.box, p.at);
        const name = elementOf({ elements }, "drawing", p.drawing)?.name ?? "";
        return (
          <g key={p.drawing}>
            <Taken box={box} paper={paper} look="fill-verdigris-2 stroke-verdigris" />
            <text
              x={(box.minX + box.maxX) / 2}
              y={height - (box.minY + box.maxY) / 2}
              fontSize={width / 36}
              textAnchor="middle"
              className="fill-ink"
            >
              {name.length > 24 ? `${name.slice(0, 23)}\u2026` : name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

interface TakenProps {
  readonly box: FilledSheet["taken"][number];
  readonly paper: { readonly width: number; readonly height: number };
  readonly look: string;
}

/** What something takes of the sheet. */
function Taken({ box, paper: { width, height }, look }: TakenProps) {
  return (
    <rect
      x={box.minX}
      y={height - box.maxY}
      width={box.maxX - box.minX}
      height={box.maxY - box.minY}
      className={look}
      strokeWidth={width / 300}
    />
  );
}
