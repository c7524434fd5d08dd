import type { CurveShape, Edit, Wall } from "../../api/types";
import { Button } from "../../ui/controls";
import { endsOf } from "../catch/wallEnds";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";

/** The radius of a curved wall's set-out line, and a way to straighten it. */
export function WallBend({ wall }: { readonly wall: Wall }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const ends = endsOf(elements, wall);
  if (wall.bulge === 0 || !ends) return null;
  const [from, to] = ends;
  const chord = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const bend = Math.abs(wall.bulge);
  const bowsTo = wall.bulge > 0 ? "RIGHT" : "LEFT";
  return (
    <section aria-label="Bend" className="mt-3 border-rule border-t pt-2">
      <LengthField
        label="Radius"
        mm={(chord * (1 + bend * bend)) / (4 * bend)}
        onChange={(radiusMm) => void sync.edit(curving(wall, { type: "radius", radiusMm, bowsTo }))}
      />
      <Button className="mt-1" onClick={() => void sync.edit(curving(wall, { type: "straight" }))}>
        Straighten
      </Button>
    </section>
  );
}

function curving(wall: Wall, shape: CurveShape): Edit {
  return { type: "curveWall", wall: wall.id, shape };
}
