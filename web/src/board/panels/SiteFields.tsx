import type { Site } from "../../api/types";
import { Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";

/** Radians from the right of a plan, counter-clockwise, as degrees clockwise from its top, and back. */
const turned = (angle: number) => Math.round(((Math.PI / 2 - angle) * 18000) / Math.PI) / 100;
const angleOf = (degrees: number) => Math.PI / 2 - (degrees * Math.PI) / 180;

/** How the house lies: its datum, the ground outside, and where north is. */
export function SiteFields() {
  const { sync } = useBoardTools();
  const site = useBoard((s) => elementOf(s, "site", "site"));
  if (!site) return null;
  const revise = (change: Partial<Site>) => void sync.revise({ ...site, ...change, type: "site" });
  return (
    <section className="mt-3 border-rule border-t pt-2" aria-label="Datum, ground and north">
      <h3 className="font-semibold">Datum, ground and north</h3>
      <Row label="Levels from">
        <Accepted value={site.datum} onAccept={(datum) => revise({ datum })} />
      </Row>
      <LengthField label="Zero above datum" mm={site.zeroMm} onChange={(zeroMm) => revise({ zeroMm })} />
      <Row label="North, degrees right of up">
        <Accepted
          value={String(turned(site.north))}
          onAccept={(text) => {
            const degrees = Number(text.replace(",", "."));
            if (text.trim() !== "" && Math.abs(degrees) <= 360) revise({ north: angleOf(degrees) });
          }}
        />
      </Row>
      <LengthField label="Ground outside" mm={site.groundMm} onChange={(groundMm) => revise({ groundMm })} />
    </section>
  );
}
