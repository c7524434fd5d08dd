import type { HeatLoss } from "../../api/types";

const R_IMPERIAL = 0.1761;

/** The U-value of a build-up with the sum that led to it. */
export function HeatSum({ heat }: { readonly heat: HeatLoss | null }) {
  if (!heat) return null;
  if (heat.type === "unknown") return <p className="text-ink-2">No U-value: {heat.reason}</p>;
  return (
    <>
      <p className="flex items-baseline justify-between">
        <b className="font-semibold">U {heat.uValue.toFixed(3)} W/m²K</b>
        <span className="text-ink-2 text-xs">
          R {heat.total.toFixed(2)} m²K/W, R-{(heat.total / R_IMPERIAL).toFixed(1)} ft²h°F/Btu
        </span>
      </p>
      <table className="mt-1 w-full text-xs tabular-nums">
        <thead className="text-ink-3">
          <tr>
            <th className="text-left font-normal">m²K/W</th>
            <th className="text-right font-normal">R</th>
            <th className="text-right font-normal">framing</th>
            <th className="text-right font-normal">evened</th>
          </tr>
        </thead>
        <tbody>
          {heat.rows.map((row, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows never change places
            <tr key={i} className="border-rule border-t">
              <td className="py-px">{row.what}</td>
              <td className="text-right">{row.resistance.toFixed(3)}</td>
              <td className="text-right">
                {row.framingPart > 0 &&
                  `${row.framingResistance.toFixed(3)}, ${Number((row.framingPart * 100).toFixed(1))} %`}
              </td>
              <td className="text-right">{row.combined.toFixed(3)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-ink-2 text-xs">
        Upper limit {heat.upper.toFixed(3)}, lower limit {heat.lower.toFixed(3)}, mean {heat.total.toFixed(3)}
        ; may be off by {(heat.error * 100).toFixed(1)} %. ISO 6946, combined method, before corrections for
        fixings and air gaps.
      </p>
    </>
  );
}
