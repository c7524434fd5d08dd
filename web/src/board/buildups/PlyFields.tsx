import type { BuildUp, TimberSize } from "../../api/types";
import { Choice } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { PartField } from "../fields/PartField";
import { useBoard } from "../state/context";
import { elementsOf } from "../state/state";
import { DOES } from "../things/setOut";

type Ply = BuildUp["plies"][number];
type Framing = Ply["framing"];

interface Props {
  readonly place: number;
  readonly ply: Ply;
  readonly onChange: (ply: Ply) => void;
  readonly narrow?: boolean | undefined;
}

/** The usual part of a wall that is timber: BR 443. */
const USUAL_PART = 0.15;
const USUAL_JOINTS = 0.067;
const NONE: readonly TimberSize[] = [];

/** Material, purpose, framing and thickness of one ply. Choosing a timber gives the ply its actual depth. */
export function PlyFields({ place, ply, onChange, narrow }: Props) {
  const elements = useBoard((s) => s.elements);
  const materials = elementsOf({ elements }, "material").map((m) => [m.id, m.name] as const);
  const sizes = useTimber();
  const named = materials.toSorted((a, b) => a[1].localeCompare(b[1]));
  const choose = (key: string) => onChange(framed(ply, key, sizes, materials));
  return (
    <div className="min-w-0 grow basis-0">
      <div className="flex items-center gap-1.5">
        <Choice
          label={`Material of ply ${place}`}
          className={narrow ? "w-32 grow" : "w-44 grow"}
          value={ply.material}
          options={named}
          onChange={(material) => onChange({ ...ply, material })}
        />
        {!narrow && (
          <Choice
            label={`What ply ${place} does`}
            className="w-24"
            value={ply.does}
            options={Object.entries(DOES) as [Ply["does"], string][]}
            onChange={(does) => onChange(whole({ ...ply, does }))}
          />
        )}
        {!narrow && (
          <Choice
            label={`Framing of ply ${place}`}
            className="w-32"
            value={keyOf(ply.framing)}
            options={framingOptions(ply.framing, sizes)}
            onChange={choose}
          />
        )}
        <LengthField
          label={`Thickness of ply ${place}`}
          hideLabel
          disabled={ply.does === "SHEET" || ply.framing.type === "timbers"}
          mm={ply.thicknessMm}
          onChange={(thicknessMm) => onChange({ ...ply, thicknessMm })}
        />
      </div>
      {ply.framing.type !== "solid" && (
        <FramingFields
          place={place}
          framing={ply.framing}
          materials={named}
          onChange={(framing) => onChange({ ...ply, framing })}
        />
      )}
    </div>
  );
}

interface FramingProps {
  readonly place: number;
  readonly framing: Exclude<Framing, { type: "solid" }>;
  readonly materials: readonly (readonly [string, string])[];
  readonly onChange: (framing: Framing) => void;
}

function FramingFields({ place, framing, materials, onChange }: FramingProps) {
  return (
    <div className="flex items-center gap-1.5 pb-0.5 text-ink-2 text-xs">
      <PartField
        label={`Part of ply ${place} that is framing`}
        part={framing.part}
        onChange={(part) => onChange({ ...framing, part })}
      />
      of its face is
      <Choice
        label={`Framing's material of ply ${place}`}
        className="w-28"
        value={framing.material}
        options={materials}
        onChange={(material) => onChange({ ...framing, material })}
      />
      {framing.type === "timbers" && (
        <>
          , centres
          <LengthField
            label={`Centres of the timbers of ply ${place}`}
            hideLabel
            mm={framing.centresMm}
            onChange={(centresMm) => onChange({ ...framing, centresMm })}
          />
        </>
      )}
    </div>
  );
}

/** The sizes sold in the project's trade region. */
function useTimber(): readonly TimberSize[] {
  return useBoard((s) => s.offered?.timber) ?? NONE;
}

function keyOf(framing: Framing): string {
  return framing.type === "timbers" ? framing.size.name : framing.type;
}

function framingOptions(framing: Framing, sizes: readonly TimberSize[]): [string, string][] {
  const names = sizes.map((s) => s.name);
  const key = keyOf(framing);
  const own = framing.type === "timbers" && !names.includes(key) ? [key] : [];
  return [
    ["solid", "no framing"],
    ["joints", "mortar joints"],
    ...[...own, ...names].map((n): [string, string] => [n, n]),
  ];
}

function framed(
  ply: Ply,
  key: string,
  sizes: readonly TimberSize[],
  materials: readonly (readonly [string, string])[],
): Ply {
  const material = (name: string) => materials.find((m) => m[1] === name)?.[0] ?? ply.material;
  const size = sizes.find((s) => s.name === key);
  if (key === "joints")
    return { ...ply, framing: { type: "joints", material: material("Mortar"), part: USUAL_JOINTS } };
  if (!size) return { ...ply, framing: { type: "solid" } };
  const kept = ply.framing.type === "timbers" ? ply.framing : undefined;
  return {
    ...ply,
    thicknessMm: size.depthMm,
    framing: {
      type: "timbers",
      size,
      centresMm: kept?.centresMm ?? (size.source.startsWith("PS 20") ? 406.4 : 600),
      material: kept?.material ?? material("Softwood"),
      part: kept?.part ?? USUAL_PART,
    },
  };
}

/** A membrane has no thickness; what stops being one gets some. */
function whole(ply: Ply): Ply {
  if (ply.does === "SHEET") return { ...ply, thicknessMm: 0, framing: { type: "solid" } };
  return ply.thicknessMm === 0 ? { ...ply, thicknessMm: 12.5 } : ply;
}
