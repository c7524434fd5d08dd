import type { StoreyAnswer } from "../../api/types";
import { useBoard, useBoardTools } from "../state/context";
import { workingPlan } from "../state/drawings";
import { elementOf, planShown } from "../state/state";

const WIDTH = 256;
const LEFT = 78;
const RIGHT = 196;
/** Pixels: the least height of a storey in the strip, and of the strip for a house of two storeys. */
const TALL = 190;
const LEAST = 34;

/** A strip of a section through the building: every storey at its level, with its floor and walls, to click. */
export function StoreyStrip() {
  const { sync } = useBoardTools();
  const storeys = useBoard((s) => s.storeys);
  const here = useBoard((s) => planShown(s)?.storey);
  const ground = useBoard((s) => elementOf(s, "site", "site")?.groundMm ?? 0);
  const open = (id: string) => {
    const plan = workingPlan(sync.state, id);
    if (plan) void sync.show({ kind: "drawing", id: plan.id }).then(() => sync.state.tool);
  };
  const top = Math.max(...storeys.map((s) => s.levelMm + s.heightMm), 0);
  const bottom = Math.min(...storeys.map((s) => s.levelMm - s.floorMm), ground) - 200;
  const height = Math.max(TALL, storeys.length * LEAST * 2);
  const y = (mm: number) => 14 + ((top - mm) / (top - bottom)) * (height - 28);
  return (
    <svg
      width={WIDTH}
      height={height}
      viewBox={`0 0 ${WIDTH} ${height}`}
      aria-label="Storeys in section"
      className="my-1 block select-none"
    >
      <title>Storeys in section</title>
      <line x1={0} x2={LEFT - 14} y1={y(ground)} y2={y(ground)} className="stroke-ink" strokeWidth={1.6} />
      <line
        x1={RIGHT + 14}
        x2={WIDTH}
        y1={y(ground)}
        y2={y(ground)}
        className="stroke-ink"
        strokeWidth={1.6}
      />
      {[...storeys].reverse().map((s) => (
        <Band key={s.id} storey={s} y={y} here={s.id === here} onOpen={() => open(s.id)} />
      ))}
      <line
        x1={LEFT - 8}
        x2={RIGHT + 8}
        y1={y(top)}
        y2={y(top)}
        className="stroke-ink-3"
        strokeDasharray="4 3"
      />
    </svg>
  );
}

interface BandProps {
  readonly storey: StoreyAnswer;
  readonly y: (mm: number) => number;
  readonly here: boolean;
  readonly onOpen: () => void;
}

function Band({ storey, y, here, onOpen }: BandProps) {
  const { levelMm, heightMm, footMm, headMm, floorMm } = storey;
  const middle = (y(levelMm) + y(levelMm + heightMm)) / 2;
  const wall = (x: number) => (
    <rect
      x={x}
      width={6}
      y={y(levelMm + headMm)}
      height={Math.max(1, y(levelMm + footMm) - y(levelMm + headMm))}
      className="fill-ink-2"
    />
  );
  return (
    // biome-ignore lint/a11y/useSemanticElements: a part of a drawing cannot be a button element
    <g
      role="button"
      tabIndex={0}
      aria-label={`${storey.name}, level ${storey.level}`}
      aria-pressed={here}
      className="cursor-pointer outline-offset-2"
      onClick={onOpen}
      onKeyDown={(e) => (e.key === "Enter" || e.key === " ") && onOpen()}
    >
      <rect
        x={LEFT}
        width={RIGHT - LEFT}
        y={y(levelMm + heightMm)}
        height={y(levelMm) - y(levelMm + heightMm)}
        className={here ? "fill-verdigris-2" : "fill-paper"}
      />
      {wall(LEFT)}
      {wall(RIGHT - 6)}
      <rect
        x={LEFT}
        width={RIGHT - LEFT}
        y={y(levelMm)}
        height={Math.max(1.5, y(levelMm - floorMm) - y(levelMm))}
        className="fill-ink-3"
      />
      <line
        x1={LEFT - 14}
        x2={RIGHT}
        y1={y(levelMm)}
        y2={y(levelMm)}
        className="stroke-ink"
        strokeWidth={0.8}
      />
      <text x={0} y={y(levelMm) - 3} className="fill-ink font-drawing text-[13px]">
        {storey.level}
      </text>
      <text
        x={(LEFT + RIGHT) / 2}
        y={middle + 4}
        textAnchor="middle"
        className={`text-[13px] ${here ? "fill-ink font-semibold" : "fill-ink-2"}`}
      >
        {storey.name}
      </text>
      <text x={RIGHT + 12} y={middle + 4} className="fill-ink-2 font-drawing text-[13px]">
        {storey.height}
      </text>
    </g>
  );
}
