import type { Bay, Lights, OpeningKind } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import { PAIRED_PANELS, PANELS } from "../fields/panelCounts";
import { LightsFields } from "../lights/LightsFields";
import { useBoard } from "../state/context";

type Of<T extends OpeningKind["type"]> = Extract<OpeningKind, { type: T }>;
type Ways = readonly (readonly [string, string])[];

interface Props<K extends OpeningKind> {
  readonly kind: K;
  readonly onChange: (kind: OpeningKind) => void;
}

interface SizedProps<K extends OpeningKind> extends Props<K> {
  /** Of the structural opening. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly onLights: (change: (lights: Lights) => Lights) => void;
}

const ENDS = [
  ["START", "At the wall's start"],
  ["END", "At the wall's end"],
] as const;
const TOWARDS = [
  ["START", "To the wall's start"],
  ["END", "To the wall's end"],
] as const;
const SIDES = [
  ["LEFT", "Left of the run"],
  ["RIGHT", "Right of the run"],
] as const;

/** What stands in an opening, by its kind. */
export function OpeningKindFields({ kind, onChange, ...sized }: SizedProps<OpeningKind>) {
  switch (kind.type) {
    case "swingDoor":
      return <SwingFields kind={kind} onChange={onChange} />;
    case "pairDoor":
      return <PairFields kind={kind} onChange={onChange} />;
    case "pocketDoor":
      return (
        <Row label="Slides">
          <Choice value={kind.into} options={TOWARDS} onChange={(into) => onChange({ ...kind, into })} />
        </Row>
      );
    case "slidingDoor":
      return <SlidingFields kind={kind} onChange={onChange} />;
    case "foldingDoor":
      return <FoldingFields kind={kind} onChange={onChange} />;
    case "foldingPair":
      return (
        <>
          <Panels
            value={kind.panels}
            counts={PAIRED_PANELS}
            onChange={(panels) => onChange({ ...kind, panels })}
          />
          <Row label="Opens to">
            <Choice value={kind.swing} options={SIDES} onChange={(swing) => onChange({ ...kind, swing })} />
          </Row>
        </>
      );
    case "openWay":
      return <Lined value={kind.lined} onChange={(lined) => onChange({ ...kind, lined })} />;
    case "window":
      return <WindowFields kind={kind} onChange={onChange} {...sized} />;
    case "liftingDoor":
      return null;
  }
}

function SwingFields({ kind, onChange }: Props<Of<"swingDoor">>) {
  return (
    <>
      <Row label="Hinge">
        <Choice value={kind.hinge} options={ENDS} onChange={(hinge) => onChange({ ...kind, hinge })} />
      </Row>
      <Row label="Opens to">
        <Choice value={kind.swing} options={SIDES} onChange={(swing) => onChange({ ...kind, swing })} />
      </Row>
    </>
  );
}

function PairFields({ kind, onChange }: Props<Of<"pairDoor">>) {
  return (
    <>
      <Row label="Active leaf">
        <Choice value={kind.active} options={ENDS} onChange={(active) => onChange({ ...kind, active })} />
      </Row>
      <LeafPart value={kind.part} onChange={(part) => onChange({ ...kind, part })} />
      <Row label="Opens to">
        <Choice value={kind.swing} options={SIDES} onChange={(swing) => onChange({ ...kind, swing })} />
      </Row>
    </>
  );
}

function SlidingFields({ kind, onChange }: Props<Of<"slidingDoor">>) {
  return (
    <>
      <Row label="Slides">
        <Choice
          value={kind.towards}
          options={TOWARDS}
          onChange={(towards) => onChange({ ...kind, towards })}
        />
      </Row>
      <Row label="Hangs on">
        <Choice value={kind.face} options={SIDES} onChange={(face) => onChange({ ...kind, face })} />
      </Row>
    </>
  );
}

function FoldingFields({ kind, onChange }: Props<Of<"foldingDoor">>) {
  return (
    <>
      <Panels value={kind.panels} onChange={(panels) => onChange({ ...kind, panels })} />
      <Row label="Folds">
        <Choice
          value={kind.against}
          options={TOWARDS}
          onChange={(against) => onChange({ ...kind, against })}
        />
      </Row>
      <Row label="Opens to">
        <Choice value={kind.swing} options={SIDES} onChange={(swing) => onChange({ ...kind, swing })} />
      </Row>
    </>
  );
}

function WindowFields({ kind, widthMm, heightMm, onChange, onLights }: SizedProps<Of<"window">>) {
  return (
    <>
      <LightsFields lights={kind.lights} widthMm={widthMm} heightMm={heightMm} onChange={onLights} />
      {kind.form.type === "bay" && (
        <BayFields bay={kind.form} onChange={(bay) => onChange({ ...kind, form: { ...bay, type: "bay" } })} />
      )}
      {kind.form.type === "toCorner" && <p className="py-1 text-ink-2">Goes round the corner.</p>}
      <LengthField
        label="Frame set back"
        mm={kind.setbackMm}
        onChange={(setbackMm) => onChange({ ...kind, setbackMm })}
      />
    </>
  );
}

interface BayProps {
  readonly bay: Bay;
  readonly onChange: (bay: Bay) => void;
}

const FEET = [
  ["WALLED", "Walls down to the ground"],
  ["HUNG", "Nothing: it hangs"],
] as const;

const LIDS = [
  ["flatLid", "Flat"],
  ["slopedLid", "Slopes to the wall"],
] as const;

/** How far a bay stands out, how wide its front is, what stands under it and what closes it above. */
export function BayFields({ bay, onChange }: BayProps) {
  const { pitch } = useBoard((s) => s.making.roof);
  const { lid } = bay;
  const now = String(bay.frontPart);
  const parts: Ways = [
    ["0.5", "Half of the width"],
    ["0.6", "Six tenths"],
    ["0.75", "Three quarters"],
    ["1", "All: sides square"],
  ];
  const known = parts.some(([part]) => part === now);
  return (
    <>
      <LengthField
        label="Stands out"
        mm={bay.projectionMm}
        onChange={(projectionMm) => onChange({ ...bay, projectionMm })}
      />
      <Row label="Front takes">
        <Choice
          value={now}
          options={known ? parts : [[now, now], ...parts]}
          onChange={(part) => onChange({ ...bay, frontPart: Number(part) })}
        />
      </Row>
      <Row label="Under it">
        <Choice value={bay.foot} options={FEET} onChange={(foot) => onChange({ ...bay, foot })} />
      </Row>
      <Row label="Roof">
        <Choice
          value={lid.type}
          options={LIDS}
          onChange={(type) => onChange({ ...bay, lid: type === "flatLid" ? { type } : { type, pitch } })}
        />
      </Row>
      {lid.type === "slopedLid" && (
        <PitchField
          label="Pitch"
          pitch={lid.pitch}
          onChange={(other) => onChange({ ...bay, lid: { type: "slopedLid", pitch: other } })}
        />
      )}
    </>
  );
}

interface FieldProps<T> {
  readonly value: T;
  readonly onChange: (value: T) => void;
}

/** How much of a pair the leaf takes that opens first. */
export function LeafPart({ value, onChange }: FieldProps<number>) {
  const parts: Ways = [
    ["0.5", "Half, equal leaves"],
    ["0.6", "Six tenths"],
    ["0.7", "Seven tenths"],
    ["0.75", "Three quarters"],
  ];
  const now = String(value);
  const known = parts.some(([part]) => part === now);
  return (
    <Row label="It takes">
      <Choice
        value={now}
        options={known ? parts : [[now, now], ...parts]}
        onChange={(part) => onChange(Number(part))}
      />
    </Row>
  );
}

export function Panels({
  value,
  counts = PANELS,
  onChange,
}: FieldProps<number> & { readonly counts?: readonly number[] }) {
  return (
    <Row label="Panels">
      <Choice
        value={String(value)}
        options={counts.map((n) => [String(n), String(n)] as const)}
        onChange={(n) => onChange(Number(n))}
      />
    </Row>
  );
}

export function Lined({ value, onChange }: FieldProps<boolean>) {
  return (
    <Row label="Lining">
      <Choice
        value={value ? "lined" : "bare"}
        options={[
          ["lined", "With a lining"],
          ["bare", "Without"],
        ]}
        onChange={(way) => onChange(way === "lined")}
      />
    </Row>
  );
}
