import { sentenceOf } from "../../api/client";
import type { Drawing, Sheet } from "../../api/types";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { useTyped } from "../fields/useTyped";
import { useBoard, useBoardTools } from "../state/context";
import { hasScale, register, sheetsOf } from "../state/drawings";
import { SCALES, scaleWords } from "../state/scales";
import { elementOf, unitsOf } from "../state/state";
import { CropFields } from "./CropFields";
import { PaperFields } from "./PaperFields";
import { bring, faultOf, swap, takeInHand, turnPlaced } from "./placing";
import { SetField } from "./SetField";
import { TitleBlockFacts } from "./TitleBlockFacts";

/** The sheet that is open: its number, title and paper, what stands on it, and what could. */
export function ThisSheet({ sheet }: { readonly sheet: Sheet }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const placed = sheet.drawings.flatMap((p) => elementOf({ elements }, "drawing", p.drawing) ?? []);
  const free = register({ elements }).filter((d) => sheetsOf({ elements }, d.id).length === 0);
  const elsewhere = register({ elements }).filter(
    (d) => !placed.includes(d) && sheetsOf({ elements }, d.id).length > 0,
  );
  return (
    <section className="border-rule border-t pt-3">
      <SheetFields sheet={sheet} />
      <h3 className="mt-2 font-semibold">On this sheet</h3>
      {placed.length === 0 && <p className="text-ink-2">Nothing yet.</p>}
      <ul aria-label="On this sheet">
        {placed.map((d) => (
          <Placed key={d.id} sheet={sheet} drawing={d} others={[...free, ...elsewhere]} />
        ))}
      </ul>
      {free.length > 0 && <Offered title="On no sheet" drawings={free} />}
      {elsewhere.length > 0 && <Offered title="On other sheets" drawings={elsewhere} />}
      <Button className="mt-3" onClick={() => void sync.erase([sheet.id])}>
        Delete sheet
      </Button>
      <TitleBlockFacts />
    </section>
  );
}

function SheetFields({ sheet }: { readonly sheet: Sheet }) {
  const { sync } = useBoardTools();
  const revise = (part: Partial<Sheet>) => sync.revise({ ...sheet, ...part, type: "sheet" });
  const words = (part: (typed: string) => Partial<Sheet>) => (typed: string) => {
    if (typed.trim()) void revise(part(typed.trim()));
    return typed.trim() !== "";
  };
  const number = useTyped(
    sheet.number,
    words((typed) => ({ number: typed })),
  );
  const title = useTyped(
    sheet.title,
    words((typed) => ({ title: typed })),
  );
  const set = useTyped(sheet.set, (typed) => {
    void revise({ set: typed.trim() });
    return true;
  });
  return (
    <>
      <Row label="Number">
        <input className={`${fieldClass} w-28`} {...number.field} />
      </Row>
      <Row label="Title">
        <input className={`${fieldClass} w-44`} {...title.field} />
      </Row>
      <SetField placeholder="none" {...set.field} />
      <PaperFields paper={sheet.paper} onChange={(paper) => paper && void revise({ paper })} />
    </>
  );
}

interface PlacedProps {
  readonly sheet: Sheet;
  readonly drawing: Drawing;
  /** What could stand in its place. */
  readonly others: readonly Drawing[];
}

function Placed({ sheet, drawing, others }: PlacedProps) {
  const { store, sync } = useBoardTools();
  const units = useBoard(unitsOf);
  const fault = useBoard((s) => faultOf(s, drawing.id));
  const scales = SCALES[units].some(([n]) => n === drawing.scale)
    ? SCALES[units]
    : [...SCALES[units], [drawing.scale, scaleWords(drawing.scale, units)] as const];
  const exchange = async (other: string) => {
    try {
      await swap(sync, sheet, drawing.id, other);
    } catch (error) {
      store.setState({ saying: sentenceOf(error) });
    }
  };
  const take = () => {
    const left = sheet.drawings.filter((p) => p.drawing !== drawing.id);
    void sync.revise({ ...sheet, drawings: left, type: "sheet" });
  };
  return (
    <li className="py-1">
      <div className="flex items-center gap-2">
        <span className="min-w-0 grow truncate" title={drawing.name}>
          {drawing.name}
        </span>
        {hasScale(drawing) && drawing.kind !== "LEGEND" && (
          <Choice
            label={`Scale of ${drawing.name}`}
            value={String(drawing.scale)}
            options={scales.map(([n, words]) => [String(n), words] as const)}
            onChange={(n) => void sync.revise({ ...drawing, scale: Number(n), type: "drawing" })}
          />
        )}
      </div>
      {fault && <p className="text-oxide text-xs">{fault}</p>}
      {others.length > 0 && (
        <Choice
          label={`In place of ${drawing.name}`}
          value=""
          options={[["", "Another in its place…"], ...others.map((o) => [o.id, o.name] as const)]}
          onChange={(other) => void exchange(other)}
        />
      )}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void takeInHand(store, drawing.id)}>Move</Button>
        <Button onClick={() => void turnPlaced(store, sync, drawing.id)}>Turn</Button>
        {hasScale(drawing) && <CropFields sheet={sheet} drawing={drawing} />}
        <Button onClick={take}>Take off</Button>
        <Button onClick={() => void sync.show({ kind: "drawing", id: drawing.id })}>Open</Button>
      </div>
    </li>
  );
}

function Offered({ title, drawings }: { readonly title: string; readonly drawings: readonly Drawing[] }) {
  const { store } = useBoardTools();
  return (
    <>
      <h3 className="mt-2 text-ink-2">{title}</h3>
      <ul aria-label={title}>
        {drawings.map((d) => (
          <li
            key={d.id}
            draggable
            onDragStart={(e) => bring(store, d, e.dataTransfer)}
            className="flex cursor-grab items-center gap-2 py-0.5"
          >
            <span className="min-w-0 grow truncate" title={d.name}>
              {d.name}
            </span>
            <Button onClick={() => void takeInHand(store, d.id)}>Place</Button>
          </li>
        ))}
      </ul>
    </>
  );
}
