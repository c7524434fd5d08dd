import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import type { Drawing, FilledSheet, LaidOut, LaidOutSheet, Sheet } from "../../api/types";
import { Button, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { register, sheetsOf } from "../state/drawings";
import { composing } from "../state/revisions";
import { SCALES, scaleWords } from "../state/scales";
import { type Elements, elementOf, unitsOf } from "../state/state";
import { PaperFields } from "./PaperFields";
import { SetField } from "./SetField";
import { SheetSketch } from "./SheetSketch";

/** Drawings laid out on sheets, on those there are first or on new ones: which, on what paper; all is shown before it is made. */
export function LayOutDialog({ onClose }: { readonly onClose: () => void }) {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const elements = useBoard((s) => s.elements);
  const revision = useBoard((s) => s.revision);
  const units = useBoard(unitsOf);
  const all = register({ elements });
  const [left, setLeft] = useState(() => notWanting(all, elements));
  const [paper, setPaper] = useState<Sheet["paper"] | null>(null);
  const [after, setAfter] = useState("");
  const [set, setSet] = useState("");
  const [filling, setFilling] = useState(true);
  const chosen = all.filter((d) => !left.has(d.id)).map((d) => d.id);
  const asked = {
    drawings: chosen,
    papers: paper ? [paper] : [],
    after,
    set,
    filling,
    scales: SCALES[units].map(([n]) => n),
  };
  const proposal = useQuery({
    queryKey: ["lay-out", project, revision, asked],
    enabled: chosen.length > 0,
    queryFn: () =>
      answerOf(
        api.POST("/api/v1/projects/{project}/lay-out", {
          params: { path: { project } },
          body: { ...asked, drawings: [...chosen] },
        }),
      ),
  });
  const laid = chosen.length > 0 ? proposal.data : undefined;
  const count = laid ? laid.sheets.length + laid.filled.length : 0;
  const make = async () => {
    if (laid && (await sync.edit(composing(laid, set)))) onClose();
  };
  return (
    <Panel title="Lay drawings out on sheets" onClose={onClose} size="w-220">
      <div className="flex gap-6">
        <div className="w-80 shrink-0">
          <Which drawings={all} elements={elements} left={left} onChange={setLeft} />
          <PaperFields paper={paper} open="That is used best" onChange={setPaper} />
          <SetField value={set} onChange={(e) => setSet(e.target.value)} />
          <Row label="Numbers after">
            <input
              className={`${fieldClass} w-28`}
              placeholder="the last"
              value={after}
              onChange={(e) => setAfter(e.target.value)}
            />
          </Row>
          <label className="flex items-center gap-2 py-1">
            <input type="checkbox" checked={filling} onChange={(e) => setFilling(e.target.checked)} />
            Use room on sheets there are
          </label>
        </div>
        <div className="min-w-0 grow">
          {chosen.length === 0 && <p className="text-ink-2">Choose the drawings that need a sheet.</p>}
          {proposal.error && <Fault>{sentenceOf(proposal.error)}</Fault>}
          {laid && laid.filled.length > 0 && <Filled sheets={laid.filled} />}
          {laid && laid.sheets.length > 0 && <Proposed sheets={laid.sheets} used={laid.used} />}
          {laid && <Larger sheets={laid.sheets} />}
          {laid && <TooLarge drawings={laid.tooLarge} />}
        </div>
      </div>
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={count === 0} onClick={() => void make()}>
          {laid ? makeWords(laid) : "Make the sheets"}
        </Button>
      </div>
    </Panel>
  );
}

function makeWords({ sheets, filled }: LaidOut): string {
  if (sheets.length === 0) return filled.length > 0 ? "Place them" : "Make the sheets";
  const make = `Make ${sheets.length === 1 ? "the sheet" : `${sheets.length} sheets`}`;
  return filled.length > 0 ? `Place them and ${make.toLowerCase()}` : make;
}

/** The drawings that stand on a sheet, and those that are to stand on none. */
function notWanting(drawings: readonly Drawing[], elements: Elements["elements"]): ReadonlySet<string> {
  return new Set(
    drawings.filter((d) => d.leftOut || sheetsOf({ elements }, d.id).length > 0).map((d) => d.id),
  );
}

interface WhichProps {
  readonly drawings: readonly Drawing[];
  readonly elements: Elements["elements"];
  /** Those that are not laid out. */
  readonly left: ReadonlySet<string>;
  readonly onChange: (left: ReadonlySet<string>) => void;
}

function Which({ drawings, elements, left, onChange }: WhichProps) {
  const turn = (id: string) => {
    const next = new Set(left);
    if (!next.delete(id)) next.add(id);
    onChange(next);
  };
  return (
    <fieldset className="mb-2 max-h-80 overflow-auto rounded border border-rule bg-paper p-2">
      <legend className="px-1 text-ink-2">Drawings</legend>
      <div className="mb-1 flex gap-2">
        <Button onClick={() => onChange(new Set())}>All</Button>
        <Button onClick={() => onChange(notWanting(drawings, elements))}>Those on no sheet</Button>
      </div>
      {drawings.map((d) => {
        const on = sheetsOf({ elements }, d.id).map((s) => s.number);
        return (
          <label key={d.id} className="flex items-center gap-2 py-0.5">
            <input type="checkbox" checked={!left.has(d.id)} onChange={() => turn(d.id)} />
            <span className="min-w-0 grow truncate" title={d.name}>
              {d.name}
            </span>
            <span className="text-ink-2 text-xs">{on.length > 0 ? on.join(", ") : ""}</span>
          </label>
        );
      })}
    </fieldset>
  );
}

function Proposed({ sheets, used }: { readonly sheets: readonly LaidOutSheet[]; readonly used: number }) {
  return (
    <>
      <p className="mb-2 text-ink-2">
        {sheets.length === 1 ? "One sheet" : `${sheets.length} sheets`}, {Math.round(used * 100)} % of their
        room taken.
      </p>
      <ul className="grid max-h-100 grid-cols-2 gap-3 overflow-auto" aria-label="Sheets to be made">
        {sheets.map((s) => (
          <li key={s.number}>
            <SheetSketch sheet={s} />
            <p className="truncate" title={s.title}>
              <b className="font-semibold">{s.number}</b> {s.title}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Sheets there are, with what comes to stand on them. */
function Filled({ sheets }: { readonly sheets: readonly FilledSheet[] }) {
  return (
    <div className="mb-3">
      <p className="mb-2 text-ink-2">
        Room on {sheets.length === 1 ? "one sheet" : `${sheets.length} sheets`} there{" "}
        {sheets.length === 1 ? "is" : "are"}:
      </p>
      <ul className="grid max-h-60 grid-cols-2 gap-3 overflow-auto" aria-label="Sheets that are filled">
        {sheets.map((s) => (
          <li key={s.sheet}>
            <SheetSketch sheet={s} taken={s.taken} />
            <p className="truncate" title={s.title}>
              <b className="font-semibold">{s.number}</b> {s.title}
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What fits on no such paper, each with the scale at which it would. */
function TooLarge({ drawings }: { readonly drawings: readonly AtScale[] }) {
  if (drawings.length === 0) return null;
  return (
    <div className="mt-3">
      <h3 className="text-oxide">Too large for this paper</h3>
      <ul className="max-h-32 overflow-auto" aria-label="Too large for this paper">
        {drawings.map((d) => (
          <OtherScale key={d.drawing} {...d} />
        ))}
      </ul>
    </div>
  );
}

/** What would use a sheet better that stands largely empty. */
function Larger({ sheets }: { readonly sheets: readonly LaidOutSheet[] }) {
  const drawings = sheets.flatMap((s) => s.larger);
  if (drawings.length === 0) return null;
  return (
    <div className="mt-3">
      <h3 className="text-ink-2">Sheets less than half full would be used better</h3>
      <ul className="max-h-32 overflow-auto" aria-label="Larger scales that fit">
        {drawings.map((d) => (
          <OtherScale key={d.drawing} {...d} />
        ))}
      </ul>
    </div>
  );
}

type AtScale = LaidOut["tooLarge"][number];

/** A drawing with a scale that is proposed for it. @param scale 0 where there is none */
function OtherScale({ drawing, scale }: AtScale) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const units = useBoard(unitsOf);
  const of = elementOf({ elements }, "drawing", drawing);
  if (!of) return null;
  return (
    <li className="flex items-center gap-3 py-0.5">
      <span className="min-w-0 grow truncate" title={of.name}>
        {of.name}
      </span>
      {scale > 0 && (
        <>
          <span className="text-ink-2">{scaleWords(of.scale, units)}</span>
          <Button onClick={() => void sync.revise({ ...of, scale, type: "drawing" })}>
            {`Draw it at ${scaleWords(scale, units)}`}
          </Button>
        </>
      )}
    </li>
  );
}
