import type { OpeningKind, OpeningMake } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";

interface Props {
  readonly kind: OpeningKind["type"];
  readonly make: OpeningMake;
  readonly onChange: (make: OpeningMake) => void;
}

const BARS = [0, 1, 2, 3, 4, 5, 6].map((n) => [String(n), n === 0 ? "None" : String(n)] as const);

/** What stands in an opening as it is made: allowances, frame, leaf or glazing bars. */
export function MakeFields({ kind, make, onChange }: Props) {
  const isWindow = kind === "window";
  const length = (
    label: string,
    field: "fixWidthMm" | "fixHeightMm" | "frameMm" | "gapMm" | "underMm" | "leafMm",
  ) => <LengthField label={label} mm={make[field]} onChange={(mm) => onChange({ ...make, [field]: mm })} />;
  return (
    <details className="mt-2 border-rule border-t pt-2">
      <summary className="cursor-pointer text-ink-2">How it is made</summary>
      {length("Allowed in width", "fixWidthMm")}
      {length("Allowed in height", "fixHeightMm")}
      {length(isWindow ? "Frame" : "Frame or lining", "frameMm")}
      {!isWindow && kind !== "openWay" && (
        <>
          {length("Gap round the leaf", "gapMm")}
          {length("Gap under it", "underMm")}
          {length("Leaf thickness", "leafMm")}
          <Row label="Threshold">
            <Choice
              value={make.threshold ? "yes" : "no"}
              options={[
                ["no", "None"],
                ["yes", "With a threshold"],
              ]}
              onChange={(way) => onChange({ ...make, threshold: way === "yes" })}
            />
          </Row>
        </>
      )}
      {isWindow && (
        <>
          <Row label="Bars upright">
            <Choice
              value={String(make.barsUp)}
              options={BARS}
              onChange={(n) => onChange({ ...make, barsUp: Number(n) })}
            />
          </Row>
          <Row label="Bars across">
            <Choice
              value={String(make.barsAcross)}
              options={BARS}
              onChange={(n) => onChange({ ...make, barsAcross: Number(n) })}
            />
          </Row>
        </>
      )}
    </details>
  );
}
