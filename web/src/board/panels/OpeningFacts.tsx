import type { Opening, OpeningKind } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { useBoardTools } from "../context";
import { LengthField } from "./LengthField";

/** The facts of a selected door or window. */
export function OpeningFacts({ opening }: { readonly opening: Opening }) {
  const { sync } = useBoardTools();
  const revise = (change: Partial<Opening>) => void sync.revise({ ...opening, ...change, type: "opening" });
  const { placing, kind } = opening;
  return (
    <>
      <LengthField
        label={placing.from === "START" ? "From the wall's start" : "From the wall's end"}
        mm={placing.distanceMm}
        onChange={(distanceMm) => revise({ placing: { ...placing, distanceMm } })}
      />
      <LengthField label="Width" mm={opening.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <LengthField label="Height" mm={opening.heightMm} onChange={(heightMm) => revise({ heightMm })} />
      <LengthField label="Sill" mm={opening.sillMm} onChange={(sillMm) => revise({ sillMm })} />
      <KindFields kind={kind} onChange={(next) => revise({ kind: next })} />
    </>
  );
}

function KindFields({
  kind,
  onChange,
}: {
  readonly kind: OpeningKind;
  readonly onChange: (kind: OpeningKind) => void;
}) {
  if (kind.type === "liftingDoor") return null;
  if (kind.type === "window") {
    return (
      <>
        <Lights value={kind.lights} onChange={(lights) => onChange({ ...kind, lights })} />
        <LengthField
          label="Frame set back"
          mm={kind.setbackMm}
          onChange={(setbackMm) => onChange({ ...kind, setbackMm })}
        />
      </>
    );
  }
  return (
    <>
      <Row label="Hinge">
        <Choice
          value={kind.hinge}
          options={[
            ["START", "At the wall's start"],
            ["END", "At the wall's end"],
          ]}
          onChange={(hinge) => onChange({ ...kind, hinge })}
        />
      </Row>
      <Row label="Opens to">
        <Choice
          value={kind.swing}
          options={[
            ["LEFT", "Left of the run"],
            ["RIGHT", "Right of the run"],
          ]}
          onChange={(swing) => onChange({ ...kind, swing })}
        />
      </Row>
    </>
  );
}

export function Lights({
  value,
  onChange,
}: {
  readonly value: number;
  readonly onChange: (lights: number) => void;
}) {
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
