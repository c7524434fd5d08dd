import type { Roof, Truss, TrussAnswer } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { NumberField } from "../fields/NumberField";
import { PitchField } from "../fields/PitchField";
import { useBoard, useBoardTools } from "../state/context";
import { drawingOfTruss, layingTrusses } from "../state/revisions";
import { elementOf, elementsOf, unitsOf } from "../state/state";
import { Figures } from "./Figures";
import { ItsDrawing } from "./ItsDrawing";

type Form = Truss["form"];
type Kind = "KING_POST" | "FINK" | "HOWE" | "FAN" | Exclude<Form["type"], "level">;

const KINDS: readonly (readonly [Kind, string])[] = [
  ["KING_POST", "King post"],
  ["FINK", "Fink"],
  ["HOWE", "Howe"],
  ["FAN", "Fan"],
  ["scissor", "Scissor, vaulted inside"],
  ["attic", "Attic, round a room"],
  ["raisedTie", "Raised tie"],
  ["parallel", "Parallel chords"],
  ["gable", "Gable end, uprights"],
];

/** Shapes that begin with sizes of their roof. */
const OF_ROOF: readonly Kind[] = ["attic", "raisedTie"];

const ALONG: readonly (readonly [Truss["along"]["type"], string])[] = [
  ["allAlong", "All along the roof"],
  ["partAlong", "In a part of it"],
  ["atEnds", "One at each end"],
  ["oneAt", "A single one"],
];

/** The facts of trusses: their shape, their timbers, where they stand. Span, pitch and heel are the roof's. */
export function TrussFacts({ truss }: { readonly truss: Truss }) {
  const { sync } = useBoardTools();
  const sum = useBoard((s) => (s.trussSum?.truss === truss.id ? s.trussSum : null));
  const roof = useBoard((s) => elementOf(s, "roof", truss.roof));
  const units = useBoard(unitsOf);
  const revise = (change: Partial<Truss>) => void sync.revise({ ...truss, ...change, type: "truss" });
  const { form, along } = truss;
  const choose = (kind: Kind) => revise({ form: formOf(kind, roof, sum, units) });
  return (
    <>
      {sum?.cannot && <p className="py-1 text-oxide">{sum.cannot}</p>}
      <Figures label="Figures of the trusses" figures={sum?.figures ?? []} />
      <Row label="Shape">
        <Choice
          value={kindOf(form)}
          options={KINDS.filter(([k]) => sum !== null || !OF_ROOF.includes(k) || k === kindOf(form))}
          onChange={choose}
        />
      </Row>
      {form.type === "scissor" && (
        <PitchField
          label="Pitch inside"
          pitch={form.bottom}
          onChange={(bottom) => revise({ form: { type: "scissor", bottom } })}
        />
      )}
      {form.type === "attic" && (
        <>
          <LengthField
            label="Room, wide"
            mm={form.roomMm}
            onChange={(roomMm) => revise({ form: { ...form, roomMm } })}
          />
          <LengthField
            label="Room, high"
            mm={form.headMm}
            onChange={(headMm) => revise({ form: { ...form, headMm } })}
          />
        </>
      )}
      {form.type === "raisedTie" && (
        <LengthField
          label="Tie over the plates"
          mm={form.upMm}
          onChange={(upMm) => revise({ form: { ...form, upMm } })}
        />
      )}
      {form.type === "parallel" && (
        <LengthField
          label="Nodes every, at most"
          mm={form.everyMm}
          onChange={(everyMm) => revise({ form: { ...form, everyMm } })}
        />
      )}
      {form.type === "gable" && (
        <>
          <LengthField
            label="Uprights every"
            mm={form.everyMm}
            onChange={(everyMm) => revise({ form: { ...form, everyMm } })}
          />
          <LengthField
            label="Lowered for a ladder by"
            mm={form.lowerMm}
            onChange={(lowerMm) => revise({ form: { ...form, lowerMm } })}
          />
        </>
      )}
      <LengthField label="Spacing" mm={truss.spacingMm} onChange={(spacingMm) => revise({ spacingMm })} />
      <LengthField label="Top chord" mm={truss.topMm} onChange={(topMm) => revise({ topMm })} />
      <LengthField label="Bottom chord" mm={truss.bottomMm} onChange={(bottomMm) => revise({ bottomMm })} />
      <LengthField label="Webs" mm={truss.webMm} onChange={(webMm) => revise({ webMm })} />
      <LengthField label="Thickness" mm={truss.thickMm} onChange={(thickMm) => revise({ thickMm })} />
      <NumberField
        label="Side by side as one"
        value={truss.plies}
        most={4}
        onChange={(plies) => revise({ plies: plies ?? 1 })}
      />
      <Row label="Stand">
        <Choice
          value={along.type}
          options={ALONG}
          onChange={(to) => revise({ along: standing(to, units) })}
        />
      </Row>
      {along.type === "partAlong" && (
        <>
          <LengthField
            label="From the first end"
            mm={along.fromMm}
            onChange={(fromMm) => revise({ along: { ...along, fromMm } })}
          />
          <LengthField
            label="Up to"
            mm={along.toMm}
            onChange={(toMm) => revise({ along: { ...along, toMm } })}
          />
        </>
      )}
      {along.type === "oneAt" && (
        <LengthField
          label="From the first end"
          mm={along.mm}
          onChange={(mm) => revise({ along: { ...along, mm } })}
        />
      )}
      <ItsDrawing
        of={truss.id}
        draw="Draw one of them"
        open="Open their drawing"
        edit={(state) => drawingOfTruss(state, truss)}
      />
    </>
  );
}

function kindOf(form: Form): Kind {
  return form.type === "level" ? form.webs : form.type;
}

/** A shape to begin with, of sizes that fit under the roof. */
function formOf(kind: Kind, roof: Roof | undefined, sum: TrussAnswer | null, units: Units): Form {
  const span = sum?.spanMm ?? 0;
  const rise = sum?.riseMm ?? 0;
  switch (kind) {
    case "scissor":
      return { type: kind, bottom: inside(roof) };
    case "attic":
      return { type: kind, roomMm: rounded(span * 0.3, units), headMm: rounded(rise * 0.5, units) };
    case "raisedTie":
      return { type: kind, upMm: rounded(rise * 0.25, units) };
    case "gable":
      return { type: kind, everyMm: units === "METRIC" ? 600 : 16 * INCH, lowerMm: 0 };
    case "parallel":
      return { type: kind, everyMm: units === "METRIC" ? 1200 : 48 * INCH };
    default:
      return { type: "level", webs: kind };
  }
}

const INCH = 25.4;
type Units = ReturnType<typeof unitsOf>;

/** To 50 mm or 2 inches, and not to nothing. */
function rounded(mm: number, units: Units): number {
  const step = units === "METRIC" ? 50 : 2 * INCH;
  return Math.max(1, Math.round(mm / step)) * step;
}

function standing(to: Truss["along"]["type"], units: Units): Truss["along"] {
  const metric = units === "METRIC";
  switch (to) {
    case "partAlong":
      return { type: to, fromMm: 0, toMm: metric ? 4000 : 144 * INCH };
    case "oneAt":
      return { type: to, mm: metric ? 1000 : 36 * INCH };
    default:
      return { type: to };
  }
}

/** Half of the rise per run of its roof, said as the roof's pitch is. */
function inside(roof: Roof | undefined): Extract<Truss["form"], { type: "scissor" }>["bottom"] {
  const rises = roof?.usual.rises;
  const pitch = rises?.type === "eaves" ? rises.pitch : null;
  if (pitch === null) return { said: "DEGREES", value: 15 };
  if (pitch.said === "IN_TWELVE") return { said: "IN_TWELVE", value: pitch.value / 2 };
  if (pitch.said === "ONE_IN") return { said: "ONE_IN", value: pitch.value * 2 };
  const half = (Math.atan(Math.tan((pitch.value * Math.PI) / 180) / 2) * 180) / Math.PI;
  return { said: "DEGREES", value: Math.round(half * 10) / 10 };
}

/** The trusses of a roof, and a way to lay some. */
export function TrussesOf({ roof }: { readonly roof: string }) {
  const { sync, actions } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const there = elementsOf({ elements }, "truss").filter((t) => t.roof === roof);
  const lay = async () => {
    const known = new Set(there.map((t) => t.id));
    const edit = layingTrusses(sync.state, roof);
    if (!edit || !(await sync.edit(edit))) return;
    const made = elementsOf(sync.state, "truss").find((t) => t.roof === roof && !known.has(t.id));
    if (made) actions.selection.selectJust([made.id]);
  };
  return (
    <div className="pt-2">
      <p className="font-semibold">Trusses</p>
      {there.map((t) => (
        <Button key={t.id} className="my-1 mr-2" onClick={() => actions.selection.selectJust([t.id])}>
          {`${t.mark}, ${KINDS.find(([k]) => k === kindOf(t.form))?.[1]}`}
        </Button>
      ))}
      <Button className="my-1" onClick={() => void lay()}>
        {there.length === 0 ? "Lay trusses" : "Lay others"}
      </Button>
    </div>
  );
}
