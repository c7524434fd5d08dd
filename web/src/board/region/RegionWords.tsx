import type { TradeRegion } from "../../api/types";
import { Choice, fieldClass, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard } from "../state/context";
import { SCALES } from "../state/scales";
import { unitsOf } from "../state/state";
import { USES } from "../state/usual";
import type { RegionPart } from "./OwnRegion";

interface WordsProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function Words({ label, value, onChange }: WordsProps) {
  return (
    <Row label={label}>
      <input className={`${fieldClass} w-72`} value={value} onChange={(e) => onChange(e.target.value)} />
    </Row>
  );
}

const USE_WORDS = (use: string) => use[0] + use.slice(1).toLowerCase();

/** How a region calls rooms and storeys, how high these are, and how its plans are drawn. */
export function RegionWords({ region, change }: RegionPart) {
  const units = useBoard(unitsOf);
  const { storeys } = region;
  const storey = (part: Partial<TradeRegion["storeys"]>) => change({ storeys: { ...storeys, ...part } });
  return (
    <>
      <Words label="First storey" value={storeys.first} onChange={(first) => storey({ first })} />
      <Words label="Its plan" value={storeys.plan} onChange={(plan) => storey({ plan })} />
      <Words
        label="Storeys above, with commas"
        value={storeys.next.join(",")}
        onChange={(next) => storey({ next: next.split(",") })}
      />
      <LengthField
        label="Floor to floor"
        mm={storeys.heightMm}
        onChange={(heightMm) => storey({ heightMm })}
      />
      <LengthField
        label="Rooms are high"
        mm={storeys.ceilingMm}
        onChange={(ceilingMm) => storey({ ceilingMm })}
      />
      <LengthField label="Plans cut at" mm={region.cutMm} onChange={(cutMm) => change({ cutMm })} />
      <Row label="Scale of plans">
        <Choice
          value={String(region.scale)}
          options={SCALES[units].map(([n, words]) => [String(n), words] as const)}
          onChange={(n) => change({ scale: Number(n) })}
        />
      </Row>
      <h3 className="mt-3 mb-1 font-semibold">Rooms</h3>
      {USES.map((use) => (
        <Words
          key={use}
          label={USE_WORDS(use)}
          value={region.roomNames[use] ?? ""}
          onChange={(name) => change({ roomNames: { ...region.roomNames, [use]: name } })}
        />
      ))}
    </>
  );
}
