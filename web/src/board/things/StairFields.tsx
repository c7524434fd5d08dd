import type { StairMake } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { NumberField } from "../fields/NumberField";
import type { Making } from "../state/state";

export const LAYOUTS: readonly (readonly [Making["stair"]["layout"], string])[] = [
  ["STRAIGHT", "Straight"],
  ["AHEAD", "Straight, with a landing"],
  ["QUARTER", "Quarter landing"],
  ["HALF", "Half landing"],
  ["TWO_QUARTERS", "Two quarter landings"],
  ["WINDERS", "Quarter turn of winders"],
  ["SPIRAL", "Spiral"],
];

interface Laid {
  readonly layout: Making["stair"]["layout"];
  readonly side: "LEFT" | "RIGHT";
  readonly first: number;
  readonly wellMm: number;
  readonly landingMm: number;
}

interface LayoutProps {
  readonly laid: Laid;
  /** Of the stair. */
  readonly widthMm: number;
  readonly onChange: (laid: Laid) => void;
}

/** How the flights lie. */
export function LayoutFields({ laid, widthMm, onChange }: LayoutProps) {
  const straight = laid.layout === "STRAIGHT";
  const turns = !straight && laid.layout !== "AHEAD";
  return (
    <>
      <Row label="Layout">
        <Choice value={laid.layout} options={LAYOUTS} onChange={(layout) => onChange({ ...laid, layout })} />
      </Row>
      {turns && (
        <Row label="Turns">
          <Choice
            value={laid.side}
            options={[
              ["LEFT", "to the left, going up"],
              ["RIGHT", "to the right, going up"],
            ]}
            onChange={(side) => onChange({ ...laid, side })}
          />
        </Row>
      )}
      {!straight && laid.layout !== "SPIRAL" && (
        <NumberField
          label="Risers of the first flight"
          value={laid.first}
          onChange={(first) => first !== null && onChange({ ...laid, first })}
        />
      )}
      {(laid.layout === "HALF" || laid.layout === "AHEAD") && (
        <LengthField
          label="Landing, long"
          mm={laid.landingMm || widthMm}
          onChange={(landingMm) => onChange({ ...laid, landingMm })}
        />
      )}
      {laid.layout === "HALF" && (
        <LengthField
          label="Well between flights"
          mm={laid.wellMm}
          onChange={(wellMm) => onChange({ ...laid, wellMm })}
        />
      )}
    </>
  );
}

interface MakeProps {
  readonly make: StairMake;
  readonly onChange: (make: StairMake) => void;
}

/** What a stair is made of. */
export function MakeFields({ make, onChange }: MakeProps) {
  const mm = (
    label: string,
    field: "treadMm" | "riserMm" | "nosingMm" | "stringMm" | "stringDepthMm" | "newelMm" | "railMm",
  ) => (
    <LengthField label={label} mm={make[field]} onChange={(value) => onChange({ ...make, [field]: value })} />
  );
  return (
    <details className="mt-2 border-rule border-t pt-2">
      <summary className="cursor-pointer font-semibold">Made of</summary>
      {mm("Tread", "treadMm")}
      {mm("Riser (0 is open)", "riserMm")}
      {mm("Nosing", "nosingMm")}
      <Row label="Strings">
        <Choice
          value={make.strings}
          options={[
            ["CLOSED", "closed"],
            ["CUT", "cut to the treads"],
          ]}
          onChange={(strings) => onChange({ ...make, strings })}
        />
      </Row>
      {mm("String, thick", "stringMm")}
      {mm("String, deep", "stringDepthMm")}
      {mm("Newels", "newelMm")}
      <Row label="Handrails">
        <Choice
          value={make.rails}
          options={[
            ["NONE", "none"],
            ["LEFT", "left, going up"],
            ["RIGHT", "right, going up"],
            ["BOTH", "both sides"],
          ]}
          onChange={(rails) => onChange({ ...make, rails })}
        />
      </Row>
      {mm("Handrail above nosings", "railMm")}
    </details>
  );
}
