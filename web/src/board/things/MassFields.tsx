import type { Mass } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard } from "../state/context";
import { elementsOf, wallBuildUps } from "../state/state";
import { usualMaterial } from "../state/usual";

interface MaterialProps {
  readonly label?: string;
  readonly value: string;
  readonly onChange: (material: string) => void;
}

export function MaterialField({ label = "Material", value, onChange }: MaterialProps) {
  const elements = useBoard((s) => s.elements);
  const materials = elementsOf({ elements }, "material").map((m) => [m.id, m.name] as const);
  return (
    <Row label={label}>
      <Choice
        value={value}
        options={materials.toSorted((a, b) => a[1].localeCompare(b[1]))}
        onChange={onChange}
      />
    </Row>
  );
}

interface Props {
  readonly mass: Mass;
  readonly onChange: (mass: Mass) => void;
}

/** What a pier, a boxing or a post is made of, and how deep it is. */
export function MassFields({ mass, onChange }: Props) {
  const elements = useBoard((s) => s.elements);
  const board = useBoard((s) => usualMaterial(s, "board"));
  const buildUps = wallBuildUps({ elements });
  const { depthMm } = mass;
  const make = (kind: Mass["type"]) => {
    if (kind === mass.type) return;
    const material = "material" in mass ? mass.material : board;
    if (kind === "built") onChange({ type: kind, buildUp: buildUps[0]?.id ?? "", depthMm });
    else if (kind === "boxed") onChange({ type: kind, material, boardMm: Math.min(12.5, depthMm), depthMm });
    else onChange({ type: kind, material, depthMm });
  };
  return (
    <>
      <Row label="Made of">
        <Choice
          value={mass.type}
          options={[
            ["solid", "One material"],
            ["built", "A build-up, lined round"],
            ["boxed", "A board round a space"],
          ]}
          onChange={make}
        />
      </Row>
      {mass.type === "built" ? (
        <Row label="Build-up">
          <Choice
            value={mass.buildUp}
            options={buildUps.map((b) => [b.id, `${b.mark} ${b.name}`] as const)}
            onChange={(buildUp) => onChange({ ...mass, buildUp })}
          />
        </Row>
      ) : (
        <MaterialField value={mass.material} onChange={(material) => onChange({ ...mass, material })} />
      )}
      {mass.type === "boxed" && (
        <LengthField label="Board" mm={mass.boardMm} onChange={(boardMm) => onChange({ ...mass, boardMm })} />
      )}
      <LengthField label="Depth" mm={depthMm} onChange={(depth) => onChange({ ...mass, depthMm: depth })} />
    </>
  );
}
