import type { BuildUp } from "../../api/types";
import { useBoard } from "../context";
import { elementOf } from "../state";

const WIDTH = 600;
const HEIGHT = 96;

/** A cut through a build-up, to scale, outside at the left; what carries is underlined. */
export function BuildUpPicture({ plies }: { readonly plies: BuildUp["plies"] }) {
  const elements = useBoard((s) => s.elements);
  const total = plies.reduce((sum, p) => sum + p.thicknessMm, 0);
  const scale = WIDTH / Math.max(total, 1);
  const starts = plies.map((_, i) => plies.slice(0, i).reduce((sum, p) => sum + p.thicknessMm, 0) * scale);
  return (
    <svg
      role="img"
      aria-label="The build-up, to scale"
      viewBox={`-2 -2 ${WIDTH + 4} ${HEIGHT + 26}`}
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
              height={HEIGHT}
              fill={tint}
              stroke="#222b31"
              strokeWidth={carries ? 2 : 0.8}
            />
            {carries && <rect x={x} y={HEIGHT + 4} width={width} height={3} fill="#1c766a" />}
            {width > 26 && (
              <text x={x + width / 2} y={HEIGHT + 20} fontSize={11} textAnchor="middle" fill="#222b31">
                {ply.thicknessMm}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
