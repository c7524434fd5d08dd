import type { Site } from "../../api/types";
import { Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";

/** How the house lies in height: its datum and the ground outside. */
export function SiteFields() {
  const { sync } = useBoardTools();
  const site = useBoard((s) => elementOf(s, "site", "site"));
  if (!site) return null;
  const revise = (change: Partial<Site>) => void sync.revise({ ...site, ...change, type: "site" });
  return (
    <section className="mt-3 border-rule border-t pt-2" aria-label="Datum and ground">
      <h3 className="font-semibold">Datum and ground</h3>
      <Row label="Levels from">
        <Accepted value={site.datum} onAccept={(datum) => revise({ datum })} />
      </Row>
      <LengthField label="Zero above datum" mm={site.zeroMm} onChange={(zeroMm) => revise({ zeroMm })} />
      <LengthField label="Ground outside" mm={site.groundMm} onChange={(groundMm) => revise({ groundMm })} />
    </section>
  );
}
