import type { Light, Lights } from "../../api/types";
import { type At, hangsAtSide, rowsOf } from "./rows";

interface Props {
  readonly lights: Lights;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly at: At;
  readonly onPick: (at: At) => void;
}

/** Of the picture, in its own units. */
const HIGH = 90;
const WIDEST = 220;
const FRAME = 3;

/** A window as it is seen from outside. Each light is picked by a click; a heavy edge is the one it hangs on. */
export function LightsPicture({ lights, widthMm, heightMm, at, onPick }: Props) {
  const wide = Math.min(WIDEST, (HIGH * widthMm) / heightMm);
  const rows = rowsOf(lights);
  const transom =
    lights.over.type === "toplights" ? Math.min(0.9, Math.max(0.1, lights.over.heightMm / heightMm)) : 0;
  const boxes = rows.flatMap((row, r) => {
    const [top, bottom] = r === 0 ? [transom * HIGH, HIGH] : [0, transom * HIGH];
    const parts = row.reduce((sum, light) => sum + light.part, 0);
    let left = 0;
    return row.map((light, place) => {
      const from = left;
      left += (wide * light.part) / parts;
      return {
        light,
        at: { row: r, place },
        box: { x: from, y: top, width: left - from, height: bottom - top },
      };
    });
  });
  return (
    <svg
      aria-label="The window from outside"
      className="my-1 h-24 w-full"
      viewBox={`-2 -2 ${wide + 4} ${HIGH + 4}`}
    >
      <rect width={wide} height={HIGH} className="fill-rule stroke-ink" />
      {boxes.map(({ light, at: here, box }) => (
        <LightBox
          key={`${here.row} ${here.place}`}
          light={light}
          box={box}
          picked={here.row === at.row && here.place === at.place}
          onPick={() => onPick(here)}
        />
      ))}
    </svg>
  );
}

interface BoxProps {
  readonly light: Light;
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly picked: boolean;
  readonly onPick: () => void;
}

function LightBox({ light, box, picked, onPick }: BoxProps) {
  const x = box.x + FRAME;
  const y = box.y + FRAME;
  const width = Math.max(1, box.width - 2 * FRAME);
  const height = Math.max(1, box.height - 2 * FRAME);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: which light is meant can be chosen from a list too
    <g onClick={onPick} className="cursor-pointer">
      <rect
        {...{ x, y, width, height }}
        className={picked ? "fill-verdigris-2 stroke-verdigris" : "fill-paper stroke-ink-2"}
      />
      {edgesOf(light).map((edge) => (
        <path key={edge} d={heavy[edge](x, y, width, height)} className="stroke-ink" strokeWidth={3} />
      ))}
      {light.opens.endsWith("SLIDING") && (
        <path d={arrow(light, x, y, width, height)} className="fill-none stroke-ink" />
      )}
    </g>
  );
}

type Edge = "LEFT" | "RIGHT" | "TOP" | "BOTTOM";

/** The edges it hangs on. */
function edgesOf(light: Light): Edge[] {
  const edges: Edge[] = hangsAtSide(light) ? [light.side] : [];
  if (light.opens === "TOP_HUNG") edges.push("TOP");
  if (light.opens === "BOTTOM_HUNG" || light.opens === "TILT_AND_TURN") edges.push("BOTTOM");
  return edges;
}

const heavy: Record<Edge, (x: number, y: number, width: number, height: number) => string> = {
  LEFT: (x, y, _, height) => `M${x} ${y}v${height}`,
  RIGHT: (x, y, width, height) => `M${x + width} ${y}v${height}`,
  TOP: (x, y, width) => `M${x} ${y}h${width}`,
  BOTTOM: (x, y, width, height) => `M${x} ${y + height}h${width}`,
};

/** The way it slides. */
function arrow(light: Light, x: number, y: number, width: number, height: number): string {
  const [middle, centre] = [x + width / 2, y + height / 2];
  if (light.opens === "VERTICAL_SLIDING") {
    const reach = height / 4;
    return `M${middle} ${centre + reach}v${-2 * reach}l-3 5m3 -5l3 5`;
  }
  const reach = (light.side === "LEFT" ? -1 : 1) * Math.min(width, height) * 0.25;
  const barb = Math.sign(reach) * 5;
  return `M${middle - reach} ${centre}h${2 * reach}l${-barb} -3m${barb} 3l${-barb} 3`;
}
