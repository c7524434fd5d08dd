import type { BuildUp, SetOut } from "../../api/types";
import { useBoard } from "../context";
import { elementOf } from "../state";
import { setOutDepth, setOutKey, setOutOf, setOutOptions } from "../tools/setOut";

const WIDTH = 600;

interface Props {
  readonly plies: BuildUp["plies"];
  readonly height?: number;
  /** With a set-out line, its place is marked and another can be picked. */
  readonly setOut?: SetOut;
  readonly onPick?: (setOut: SetOut) => void;
}

/** A cut through a build-up, to scale, outside at the left; what carries is underlined. */
export function BuildUpPicture({ plies, height = 96, setOut, onPick }: Props) {
  const elements = useBoard((s) => s.elements);
  const total = plies.reduce((sum, p) => sum + p.thicknessMm, 0);
  const scale = WIDTH / Math.max(total, 1);
  const starts = plies.map((_, i) => plies.slice(0, i).reduce((sum, p) => sum + p.thicknessMm, 0) * scale);
  return (
    <svg
      role="img"
      aria-label="The build-up, to scale"
      viewBox={`-8 -12 ${WIDTH + 16} ${height + 40}`}
      className="w-full"
    >
      {plies.map((ply, i) => {
        const x = starts[i] ?? 0;
        const width = ply.thicknessMm * scale;
        const carries = ply.does === "CARRIES";
        const tint = elementOf({ elements }, "material", ply.material)?.tint ?? "#ffffff";
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ply is known by its place
          <g key={i}>
            <rect
              x={x}
              y={0}
              width={width}
              height={height}
              fill={tint}
              stroke="#222b31"
              strokeWidth={carries ? 2 : 0.8}
            />
            {ply.framing.type === "timbers" && (
              <path
                d={`M${x} 0L${x + width} ${height}M${x + width} 0L${x} ${height}`}
                stroke="#8a8f8c"
                strokeWidth={0.8}
              />
            )}
            {carries && <rect x={x} y={height + 4} width={width} height={3} fill="#1c766a" />}
            {width > 26 && (
              <text x={x + width / 2} y={height + 21} fontSize={12} textAnchor="middle" fill="#222b31">
                {Number(ply.thicknessMm.toFixed(1))}
              </text>
            )}
          </g>
        );
      })}
      {setOut && onPick && (
        <SetOutLines plies={plies} setOut={setOut} scale={scale} height={height} onPick={onPick} />
      )}
    </svg>
  );
}

interface LinesProps {
  readonly plies: BuildUp["plies"];
  readonly setOut: SetOut;
  readonly scale: number;
  readonly height: number;
  readonly onPick: (setOut: SetOut) => void;
}

/** Every line a wall can be set out along; the one in use is marked. */
function SetOutLines({ plies, setOut, scale, height, onPick }: LinesProps) {
  return setOutOptions({ plies }).map(([key, words]) => {
    const x = setOutDepth({ plies }, setOutOf(key)) * scale;
    const used = key === setOutKey(setOut);
    return (
      // biome-ignore lint/a11y/useSemanticElements: a part of a picture cannot be a button element
      <g
        key={key}
        role="button"
        tabIndex={0}
        aria-label={`Set out along ${words}`}
        aria-pressed={used}
        className="cursor-pointer outline-offset-2"
        onClick={() => onPick(setOutOf(key))}
        onKeyDown={(e) => e.key === "Enter" && onPick(setOutOf(key))}
      >
        <title>{words}</title>
        <rect x={x - 7} y={-10} width={14} height={height + 14} fill="transparent" />
        <line
          x1={x}
          x2={x}
          y1={-10}
          y2={height + 2}
          stroke={used ? "#a8452f" : "transparent"}
          strokeWidth={3}
          strokeDasharray="10 4 2 4"
        />
        {!used && <circle cx={x} cy={-6} r={2.5} fill="#8a8f8c" />}
      </g>
    );
  });
}
