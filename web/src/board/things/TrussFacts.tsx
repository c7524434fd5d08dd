import type { Roof, Truss } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import { useBoard, useBoardTools } from "../state/context";
import { drawingOfTruss, layingTrusses } from "../state/revisions";
import { elementOf, elementsOf } from "../state/state";
import { Figures } from "./Figures";
import { ItsDrawing } from "./ItsDrawing";

type Kind = "KING_POST" | "FINK" | "HOWE" | "FAN" | "SCISSOR";

const KINDS: readonly (readonly [Kind, string])[] = [
  ["KING_POST", "King post"],
  ["FINK", "Fink"],
  ["HOWE", "Howe"],
  ["FAN", "Fan"],
  ["SCISSOR", "Scissor, vaulted inside"],
];

/** The facts of trusses: their shape, their timbers, where they stand. Span, pitch and heel are the roof's. */
export function TrussFacts({ truss }: { readonly truss: Truss }) {
  const { sync } = useBoardTools();
  const sum = useBoard((s) => (s.trussSum?.truss === truss.id ? s.trussSum : null));
  const roof = useBoard((s) => elementOf(s, "roof", truss.roof));
  const revise = (change: Partial<Truss>) => void sync.revise({ ...truss, ...change, type: "truss" });
  const { form, along } = truss;
  const choose = (kind: Kind) =>
    revise({
      form: kind === "SCISSOR" ? { type: "scissor", bottom: inside(roof) } : { type: "level", webs: kind },
    });
  return (
    <>
      {sum?.cannot && <p className="py-1 text-oxide">{sum.cannot}</p>}
      <Figures label="Figures of the trusses" figures={sum?.figures ?? []} />
      <Row label="Shape">
        <Choice value={form.type === "scissor" ? "SCISSOR" : form.webs} options={KINDS} onChange={choose} />
      </Row>
      {form.type === "scissor" && (
        <PitchField
          label="Pitch inside"
          pitch={form.bottom}
          onChange={(bottom) => revise({ form: { type: "scissor", bottom } })}
        />
      )}
      <LengthField label="Spacing" mm={truss.spacingMm} onChange={(spacingMm) => revise({ spacingMm })} />
      <LengthField label="Top chord" mm={truss.topMm} onChange={(topMm) => revise({ topMm })} />
      <LengthField label="Bottom chord" mm={truss.bottomMm} onChange={(bottomMm) => revise({ bottomMm })} />
      <LengthField label="Webs" mm={truss.webMm} onChange={(webMm) => revise({ webMm })} />
      <LengthField label="Thickness" mm={truss.thickMm} onChange={(thickMm) => revise({ thickMm })} />
      <Row label="Stand">
        <Choice
          value={along.type}
          options={[
            ["allAlong", "All along the roof"],
            ["partAlong", "In a part of it"],
          ]}
          onChange={(to) =>
            revise({ along: to === "allAlong" ? { type: to } : { type: to, fromMm: 0, toMm: 4000 } })
          }
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
      <ItsDrawing
        of={truss.id}
        draw="Draw one of them"
        open="Open their drawing"
        edit={(state) => drawingOfTruss(state, truss)}
      />
    </>
  );
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
          {`${t.mark}, ${KINDS.find(([k]) => k === (t.form.type === "scissor" ? "SCISSOR" : t.form.webs))?.[1]}`}
        </Button>
      ))}
      <Button className="my-1" onClick={() => void lay()}>
        {there.length === 0 ? "Lay trusses" : "Lay others"}
      </Button>
    </div>
  );
}
