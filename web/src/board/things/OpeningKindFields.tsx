import type { OpeningKind } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { PAIRED_PANELS, PANELS } from "../fields/panelCounts";

type Of<T extends OpeningKind["type"]> = Extract<OpeningKind, { type: T }>;
type Ways = readonly (readonly [string, string])[];

interface Props<K extends OpeningKind> {
  readonly kind: K;
  readonly onChange: (kind: OpeningKind) => void;
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
export function OpeningKindFields({ kind, onChange }: Props<OpeningKind>) {
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
      return <WindowFields kind={kind} onChange={onChange} />;
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

function WindowFields({ kind, onChange }: Props<Of<"window">>) {
  return (
    <>
      <Lights value={kind.lights} onChange={(lights) => onChange({ ...kind, lights })} />
      <OpensField value={kind.opens} onChange={(opens) => onChange({ ...kind, opens })} />
      {kind.form.type === "bay" && (
        <BayFields
          projectionMm={kind.form.projectionMm}
          frontPart={kind.form.frontPart}
          onChange={(bay) => onChange({ ...kind, form: { type: "bay", ...bay } })}
        />
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

interface Bay {
  readonly projectionMm: number;
  readonly frontPart: number;
}

/** How far a bay stands out, and how wide its front is. */
export function BayFields({
  projectionMm,
  frontPart,
  onChange,
}: Bay & { readonly onChange: (bay: Bay) => void }) {
  const now = String(frontPart);
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
        mm={projectionMm}
        onChange={(mm) => onChange({ projectionMm: mm, frontPart })}
      />
      <Row label="Front takes">
        <Choice
          value={now}
          options={known ? parts : [[now, now], ...parts]}
          onChange={(part) => onChange({ projectionMm, frontPart: Number(part) })}
        />
      </Row>
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

export function Lights({ value, onChange }: FieldProps<number>) {
  return (
    <Row label="Lights">
      <Choice
        value={String(value)}
        options={[1, 2, 3, 4, 5, 6].map((n) => [String(n), String(n)] as const)}
        onChange={(n) => onChange(Number(n))}
      />
    </Row>
  );
}

type Opens = Of<"window">["opens"];

export function OpensField({ value, onChange }: FieldProps<Opens>) {
  return (
    <Row label="Opens">
      <Choice
        value={value}
        options={[
          ["FIXED", "Not at all"],
          ["SIDE_HUNG", "Side hung"],
          ["TOP_HUNG", "Top hung"],
          ["VERTICAL_SLIDING", "Sliding up and down"],
          ["HORIZONTAL_SLIDING", "Sliding sideways"],
        ]}
        onChange={onChange}
      />
    </Row>
  );
}
