import type { Offered } from "../../api/types";
import { printLength } from "../../measure/print";
import { Choice, fieldClass, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { evenPanels, PAIRED_PANELS } from "../fields/panelCounts";
import { LightsFields } from "../lights/LightsFields";
import { useBoard } from "../state/context";
import { type DoorKind, type Making, type Setting, unitsOf } from "../state/state";
import { MakeFields } from "../things/MakeFields";
import { BayFields, LeafPart, Lined, Panels } from "../things/OpeningKindFields";

interface Props {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

const SETTINGS: readonly (readonly [Setting, string])[] = [
  ["POINTER", "Pointer, typed distance"],
  ["ROOM", "Middle of the room"],
  ["WALL", "Middle of the wall"],
  ["GAP", "Middle of the gap"],
  ["SPACED", "Several, equally spaced"],
  ["STAND_OFF", "Off the nearest corner"],
  ["IN_LINE", "In line with an opening"],
];

/** How the next opening is set out along its wall. */
function SettingFields({ making, set }: Props) {
  return (
    <div className="mb-2 border-rule border-b pb-2">
      <Row label="Set out by">
        <Choice value={making.setting} options={SETTINGS} onChange={(setting) => set({ setting })} />
      </Row>
      {making.setting === "SPACED" && (
        <Row label="How many">
          <input
            type="number"
            min={1}
            max={50}
            className={`${fieldClass} w-20 text-right`}
            value={making.spaced}
            onChange={(e) =>
              set({ spaced: Math.max(1, Math.min(50, Math.round(Number(e.target.value) || 1))) })
            }
          />
        </Row>
      )}
      {making.setting === "STAND_OFF" && (
        <LengthField label="Off it" mm={making.standOffMm} onChange={(standOffMm) => set({ standOffMm })} />
      )}
    </div>
  );
}

export const DOORS: readonly (readonly [DoorKind, string])[] = [
  ["swingDoor", "Side hung"],
  ["pairDoor", "Pair of leaves"],
  ["pocketDoor", "Sliding, in a pocket"],
  ["slidingDoor", "Sliding, before the wall"],
  ["foldingDoor", "Folding"],
  ["foldingPair", "Folding, in two halves"],
  ["liftingDoor", "Lifting, as to a garage"],
  ["openWay", "Open way"],
];

/** The structural opening that a kind of door usually starts with in a trade region. */
function usualOpening(offered: Offered | null, kind: DoorKind): Partial<Making["door"]> {
  const [widthMm, heightMm] = offered?.region.doors.openMm[kind] ?? [];
  const [leaf] = offered?.leaves ?? [];
  if (widthMm && heightMm) return { widthMm, heightMm };
  return leaf ? { widthMm: leaf.widthMm, heightMm: leaf.heightMm } : {};
}

interface SizesProps {
  readonly label: string;
  /** Each with what it is called. */
  readonly sizes: readonly { readonly words: string; readonly widthMm: number; readonly heightMm: number }[];
  readonly widthMm: number;
  readonly heightMm: number;
  readonly onChange: (size: { widthMm: number; heightMm: number }) => void;
}

/** Sizes sold in the trade region; any other can be typed below. */
function SizesField({ label, sizes, widthMm, heightMm, onChange }: SizesProps) {
  const at = sizes.findIndex(
    (s) => Math.abs(s.widthMm - widthMm) < 0.01 && Math.abs(s.heightMm - heightMm) < 0.01,
  );
  const options = sizes.map((s, i) => [String(i), s.words] as const);
  if (sizes.length === 0) return null;
  return (
    <Row label={label}>
      <Choice
        value={String(at)}
        options={at < 0 ? [["-1", "as typed below"], ...options] : options}
        onChange={(key) => {
          const size = sizes[Number(key)];
          if (size) onChange({ widthMm: size.widthMm, heightMm: size.heightMm });
        }}
      />
    </Row>
  );
}

export function NewDoor({ making, set }: Props) {
  const { door, makes } = making;
  const offered = useBoard((s) => s.offered);
  const units = useBoard(unitsOf);
  const change = (part: Partial<Making["door"]>) => set({ door: { ...door, ...part } });
  const leaves = (offered?.leaves ?? []).map((l) => ({
    words: `${printLength(l.leafWidthMm, units)} x ${printLength(l.leafHeightMm, units)}`,
    widthMm: l.widthMm,
    heightMm: l.heightMm,
  }));
  const single = door.kind === "swingDoor" || door.kind === "pocketDoor";
  return (
    <Section title="New door" words="sizes of the structural opening">
      <SettingFields making={making} set={set} />
      <Row label="Kind">
        <Choice
          value={door.kind}
          options={DOORS}
          onChange={(kind) => change({ kind, ...usualOpening(offered, kind) })}
        />
      </Row>
      <DoorFields door={door} change={change} />
      {single && (
        <SizesField
          label="Leaf"
          sizes={leaves}
          widthMm={door.widthMm}
          heightMm={door.heightMm}
          onChange={change}
        />
      )}
      <LengthField label="Width" mm={door.widthMm} onChange={(widthMm) => change({ widthMm })} />
      <LengthField label="Height" mm={door.heightMm} onChange={(heightMm) => change({ heightMm })} />
      {makes && (
        <MakeFields
          kind={door.kind}
          make={makes.door}
          onChange={(make) => set({ makes: { ...makes, door: make } })}
        />
      )}
    </Section>
  );
}

interface DoorProps {
  readonly door: Making["door"];
  readonly change: (part: Partial<Making["door"]>) => void;
}

/** What the kind of door to place asks for besides its size. */
function DoorFields({ door, change }: DoorProps) {
  switch (door.kind) {
    case "pairDoor":
      return <LeafPart value={door.part} onChange={(part) => change({ part })} />;
    case "foldingDoor":
      return <Panels value={door.panels} onChange={(panels) => change({ panels })} />;
    case "foldingPair":
      return (
        <Panels
          value={evenPanels(door.panels)}
          counts={PAIRED_PANELS}
          onChange={(panels) => change({ panels })}
        />
      );
    case "openWay":
      return <Lined value={door.lined} onChange={(lined) => change({ lined })} />;
    default:
      return null;
  }
}

const FORMS = [
  ["FLAT", "In its wall"],
  ["BAY", "A bay of three"],
  ["CORNER", "Two, round a corner"],
] as const;

export function NewWindow({ making, set }: Props) {
  const { window: w, makes } = making;
  const offered = useBoard((s) => s.offered);
  const units = useBoard(unitsOf);
  const change = (part: Partial<Making["window"]>) => set({ window: { ...w, ...part } });
  const sizes = (offered?.region.windows.sizes ?? []).flatMap(([widthMm, heightMm]) =>
    widthMm && heightMm
      ? [{ words: `${printLength(widthMm, units)} x ${printLength(heightMm, units)}`, widthMm, heightMm }]
      : [],
  );
  return (
    <Section title="New window" words="sizes of the structural opening">
      <SettingFields making={making} set={set} />
      <Row label="Stands">
        <Choice value={w.form} options={FORMS} onChange={(form) => change({ form })} />
      </Row>
      {w.form === "BAY" && <BayFields bay={w.bay} onChange={(bay) => change({ bay })} />}
      <SizesField label="Size" sizes={sizes} widthMm={w.widthMm} heightMm={w.heightMm} onChange={change} />
      <LengthField label="Width" mm={w.widthMm} onChange={(widthMm) => change({ widthMm })} />
      {w.form === "CORNER" && (
        <LengthField
          label="Width, other wall"
          mm={w.otherWidthMm}
          onChange={(otherWidthMm) => change({ otherWidthMm })}
        />
      )}
      <LengthField label="Height" mm={w.heightMm} onChange={(heightMm) => change({ heightMm })} />
      <LengthField label="Sill" mm={w.sillMm} onChange={(sillMm) => change({ sillMm })} />
      <LightsFields
        lights={w.lights}
        widthMm={w.widthMm}
        heightMm={w.heightMm}
        onChange={(made) => change({ lights: made(w.lights) })}
      />
      <LengthField label="Frame set back" mm={w.setbackMm} onChange={(setbackMm) => change({ setbackMm })} />
      {makes && (
        <MakeFields
          kind="window"
          make={makes.window}
          onChange={(make) => set({ makes: { ...makes, window: make } })}
        />
      )}
    </Section>
  );
}
