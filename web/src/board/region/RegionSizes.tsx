import type { TradeRegion } from "../../api/types";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { OPENING_LINES } from "../lenses/words";
import { HUNG_OPEN } from "../lights/LightsFields";
import { DOORS } from "../making/NewOpening";
import { SchemeFields } from "../making/SchemeFields";
import type { RegionPart } from "./OwnRegion";

type Size = readonly number[];

/** A width and a height. */
function SizeFields({
  label,
  size: [width = 0, height = 0],
  onChange,
}: {
  readonly label: string;
  readonly size: Size;
  readonly onChange: (size: number[]) => void;
}) {
  return (
    <span className="relative flex items-center gap-2">
      <LengthField label={`${label}, width`} hideLabel mm={width} onChange={(mm) => onChange([mm, height])} />
      x
      <LengthField
        label={`${label}, height`}
        hideLabel
        mm={height}
        onChange={(mm) => onChange([width, mm])}
      />
    </span>
  );
}

interface ListProps {
  readonly title: string;
  readonly what: string;
  readonly sizes: readonly Size[];
  readonly usual: Size;
  readonly onChange: (sizes: number[][], usual: number[]) => void;
}

/** Sizes that are sold, one of them the usual one. */
function Sizes({ title, what, sizes, usual, onChange }: ListProps) {
  const all = sizes.map((s) => [...s]);
  const isUsual = (s: Size) => s[0] === usual[0] && s[1] === usual[1];
  const set = (at: number, size: number[]) =>
    onChange(
      all.map((s, i) => (i === at ? size : s)),
      isUsual(all[at] ?? []) ? size : [...usual],
    );
  return (
    <>
      <h3 className="mt-3 mb-1 font-semibold">{title}</h3>
      <ul>
        {all.map((s, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: sizes have no other identity
          <li key={i} className="flex items-center gap-4">
            <SizeFields label={`${what} ${i + 1}`} size={s} onChange={(size) => set(i, size)} />
            <label className="flex min-h-6 items-center gap-1.5">
              <input type="radio" name={title} checked={isUsual(s)} onChange={() => onChange(all, s)} />
              usual
            </label>
            <Button disabled={isUsual(s)} onClick={() => onChange(all.toSpliced(i, 1), [...usual])}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={() => onChange([...all, [...(all.at(-1) ?? usual)]], [...usual])}>Add a size</Button>
    </>
  );
}

const LENGTHS = [
  ["standOffMm", "Openings stand off corners"],
  ["postMm", "Posts"],
  ["pierMm", "Piers"],
  ["pieceHeightMm", "Linings and niches are high"],
  ["wellMm", "Between flights of a stair"],
] as const satisfies readonly (readonly [keyof TradeRegion, string])[];

const WINDOW_LENGTHS = [
  ["sillMm", "Sills"],
  ["setbackMm", "Frames are set back"],
  ["otherMm", "The other of two round a corner"],
  ["bayMm", "Bays stand out"],
] as const satisfies readonly (readonly [keyof TradeRegion["windows"], string])[];

/** The sizes of leaves, openings and windows that are sold in a region, what else is usual, and how its plans are dimensioned. */
export function RegionSizes({ region, change }: RegionPart) {
  const { doors, windows, steps } = region;
  const kinds = DOORS.filter(([kind]) => doors.openMm[kind]);
  return (
    <>
      <Sizes
        title="Leaves of doors"
        what="Leaf"
        sizes={doors.leaves}
        usual={doors.usual}
        onChange={(leaves, usual) => change({ doors: { ...doors, leaves, usual } })}
      />
      <Row label="Source of the leaves">
        <input
          className={`${fieldClass} w-80`}
          value={doors.source}
          onChange={(e) => change({ doors: { ...doors, source: e.target.value } })}
        />
      </Row>
      <h3 className="mt-3 mb-1 font-semibold">Structural openings of other doors</h3>
      {kinds.map(([kind, words]) => (
        <Row key={kind} label={words}>
          <SizeFields
            label={words}
            size={doors.openMm[kind] ?? []}
            onChange={(size) => change({ doors: { ...doors, openMm: { ...doors.openMm, [kind]: size } } })}
          />
        </Row>
      ))}
      <Sizes
        title="Windows, structural openings"
        what="Window"
        sizes={windows.sizes}
        usual={windows.usual}
        onChange={(sizes, usual) => change({ windows: { ...windows, sizes, usual } })}
      />
      <Row label="Source of the windows">
        <input
          className={`${fieldClass} w-80`}
          value={windows.source}
          onChange={(e) => change({ windows: { ...windows, source: e.target.value } })}
        />
      </Row>
      {WINDOW_LENGTHS.map(([key, words]) => (
        <LengthField
          key={key}
          label={words}
          mm={windows[key]}
          onChange={(mm) => change({ windows: { ...windows, [key]: mm } })}
        />
      ))}
      <Row label="Hung lights open">
        <Choice
          value={windows.inwards ? "in" : "out"}
          options={HUNG_OPEN}
          onChange={(way) => change({ windows: { ...windows, inwards: way === "in" } })}
        />
      </Row>
      <Row label="Lines over leaves">
        <Choice
          value={windows.lines}
          options={OPENING_LINES}
          onChange={(lines) => change({ windows: { ...windows, lines } })}
        />
      </Row>
      <h3 className="mt-3 mb-1 font-semibold">What else is usual</h3>
      {LENGTHS.map(([key, words]) => (
        <LengthField key={key} label={words} mm={region[key]} onChange={(mm) => change({ [key]: mm })} />
      ))}
      <LengthField
        label="Steps outside: going"
        mm={steps.goingMm}
        onChange={(goingMm) => change({ steps: { ...steps, goingMm } })}
      />
      <LengthField
        label="Steps outside: landing"
        mm={steps.landingMm}
        onChange={(landingMm) => change({ steps: { ...steps, landingMm } })}
      />
      <h3 className="mt-3 mb-1 font-semibold">Dimension strings</h3>
      <SchemeFields scheme={region.strings} onChange={(strings) => change({ strings })} />
    </>
  );
}
