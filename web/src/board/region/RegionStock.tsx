import { useState } from "react";
import type { TradeRegion } from "../../api/types";
import { useRegions, useStock } from "../../api/useRegions";
import { Choice, fieldClass, Row } from "../../ui/controls";
import type { RegionPart } from "./OwnRegion";

const FIRST = [
  ["outsideWall", "Outside walls", "WALL"],
  ["partition", "Partitions", "WALL"],
  ["groundFloor", "Ground floors", "GROUND_FLOOR"],
  ["upperFloor", "Upper floors", "FLOOR"],
] as const satisfies readonly (readonly [keyof TradeRegion, string, string])[];

/** The build-ups and the timber that a region offers, and what is drawn first. */
export function RegionStock({ region, change }: RegionPart) {
  const [atFirst] = useState(() => new Set(region.buildUps.map((b) => b.buildUp)));
  const stock = useStock().toSorted((a, b) => Number(atFirst.has(b.id)) - Number(atFirst.has(a.id)));
  const { regions } = useRegions();
  const { buildUps } = region;
  const offered = new Map(buildUps.map((b) => [b.buildUp, b.mark]));
  const timber = [...new Set(regions.flatMap((o) => o.region.timber))];
  const offer = (id: string, does: boolean) =>
    change({
      buildUps: does ? [...buildUps, { buildUp: id, mark: "" }] : buildUps.filter((b) => b.buildUp !== id),
    });
  const mark = (id: string, words: string) =>
    change({ buildUps: buildUps.map((b) => (b.buildUp === id ? { ...b, mark: words } : b)) });
  return (
    <>
      {FIRST.map(([key, words, use]) => (
        <Row key={key} label={`${words} are first drawn of`}>
          <Choice
            value={region[key]}
            options={stock
              .filter((b) => b.use === use && (offered.has(b.id) || b.id === region[key]))
              .map((b) => [b.id, b.name] as const)}
            onChange={(id) => change({ [key]: id })}
          />
        </Row>
      ))}
      <h3 className="mt-3 mb-1 font-semibold">Build-ups, with their marks</h3>
      <ul className="divide-y divide-rule">
        {stock.map((b) => (
          <li key={b.id} className="flex items-center gap-3 py-0.5">
            <label className="flex min-h-6 grow items-center gap-2">
              <input
                type="checkbox"
                checked={offered.has(b.id)}
                onChange={(e) => offer(b.id, e.target.checked)}
              />
              {b.name}
            </label>
            {offered.has(b.id) && (
              <input
                aria-label={`Mark of ${b.name}`}
                className={`${fieldClass} w-16`}
                value={offered.get(b.id)}
                onChange={(e) => mark(b.id, e.target.value)}
              />
            )}
          </li>
        ))}
      </ul>
      <h3 className="mt-3 mb-1 font-semibold">Timber</h3>
      {timber.map((source) => (
        <label key={source} className="flex min-h-6 items-center gap-2">
          <input
            type="checkbox"
            checked={region.timber.includes(source)}
            onChange={(e) =>
              change({
                timber: e.target.checked
                  ? [...region.timber, source]
                  : region.timber.filter((t) => t !== source),
              })
            }
          />
          {source}
        </label>
      ))}
    </>
  );
}
