import type { Drawing } from "../../api/types";
import { Button } from "../../ui/controls";
import { ofHouse } from "../commands/ofHouse";
import { DrawingList } from "../register/DrawingList";
import { ThisDrawing } from "../register/ThisDrawing";
import { NumberSheets } from "../sheets/NumberSheets";
import { BLANK } from "../sheets/PictureField";
import { SheetsToCome } from "../sheets/SheetsToCome";
import { ThisSheet } from "../sheets/ThisSheet";
import { useBoard, useBoardTools } from "../state/context";
import { freeName, register, TABLES } from "../state/drawings";
import { adding } from "../state/revisions";
import { inSet, setsOf, setWords, sheetsAsBound } from "../state/sheets";
import { type BoardState, drawingShown, elementOf, elementsOf, type Shown, unitsOf } from "../state/state";
import { usualLetters } from "../state/usual";
import { TracedFrom } from "./TracedFrom";

const elementsIn = (state: BoardState) => state.elements;

/** The drawings and sheets of the project; click one to open it. */
export function Register() {
  const elements = useBoard(elementsIn);
  const state = { elements };
  const sheets = sheetsAsBound(state);
  const sets = setsOf(sheets);
  const locked = useBoard((s) => s.version !== null);
  const drawing = useBoard(drawingShown);
  const sheet = useBoard((s) => elementOf(s, "sheet", s.shown?.id));
  return (
    <>
      <h2 className="font-semibold text-[15px]">Drawings</h2>
      <DrawingList />
      {drawing && !locked && <ThisDrawing key={drawing.id} drawing={drawing} />}
      <SaveSchedule />
      {!locked && <AddSchedule />}
      <h2 className="mt-4 border-rule border-t pt-2 font-semibold text-[15px]">Sheets</h2>
      {sheets.length === 0 && <p className="py-1 text-ink-2">None yet.</p>}
      {sets.map((set) => (
        <div key={set} className="mb-3">
          {(sets.length > 1 || set) && <h3 className="text-ink-2">{setWords(set)}</h3>}
          <ul>
            {inSet(sheets, set).map((s) => (
              <Entry key={s.id} shown={{ kind: "sheet", id: s.id }} words={`${s.number}  ${s.title}`} />
            ))}
          </ul>
        </div>
      ))}
      {sheet && !locked && <ThisSheet key={sheet.id} sheet={sheet} />}
      {!locked && <SheetsToCome />}
      {!locked && sheets.length > 1 && <NumberSheets />}
      {!locked && <TracedFrom />}
    </>
  );
}

/** The schedule shown, for a spreadsheet. */
function SaveSchedule() {
  const project = useBoard((s) => s.project);
  const version = useBoard((s) => s.version?.id);
  const drawing = useBoard(drawingShown);
  if (!drawing || !TABLES.includes(drawing.kind)) return null;
  const at = version ? `?version=${version}` : "";
  return (
    <p className="mb-2 flex gap-4">
      <a
        className="text-verdigris underline hover:text-ink"
        href={`/api/v1/projects/${project}/drawings/${drawing.id}/schedule.csv${at}`}
        download
      >
        Save {drawing.name} as CSV
      </a>
      <a
        className="text-verdigris underline hover:text-ink"
        href={`/api/v1/projects/${project}/schedules.xlsx${at}`}
        download
      >
        All schedules as XLSX
      </a>
    </p>
  );
}

const SCHEDULES = [
  ["BUILD_UPS", "Wall build-ups", "Add build-up schedule"],
  ["DOORS", "Doors", "Add door schedule"],
  ["WINDOWS", "Windows", "Add window schedule"],
  ["ROOMS", "Rooms", "Add room schedule"],
  ["FITTINGS", "Fittings", "Add fitting schedule"],
  ["ROOFS", "Roofs", "Add roof schedule"],
  ["FOUNDATIONS", "Foundation schedule", "Add foundation schedule"],
  ["CLAUSES", "Keyed notes", "Add list of keyed notes"],
  ["LEGEND", "Legend", "Add legend"],
  ["SHEETS", "Sheets", "Add list of sheets"],
] as const;

/** One schedule of a kind serves all sheets, so each is offered until it is there. */
function AddSchedule() {
  const board = useBoardTools();
  const { sync } = board;
  const state = useBoard((s) => s);
  const { elements } = state;
  const units = useBoard(unitsOf);
  const drawings = elementsOf({ elements }, "drawing");
  const plan = register({ elements }).find((d) => d.kind === "PLAN");
  const missing = SCHEDULES.filter(([kind]) => !drawings.some((d) => d.kind === kind));
  if (!plan) return <div className="mb-4" />;
  const add = async (kind: Drawing["kind"], wish: string, subject?: Drawing["subject"]) => {
    const known = new Set(drawings.map((d) => d.id));
    const { storey, lens } = plan;
    const scale = units === "METRIC" ? 10 : 12;
    const name = freeName(sync.state, wish);
    const edit = adding({ name, kind, storey, lens, scale, frame: { type: "all" }, also: [] }, subject);
    if (!(await sync.edit(edit))) return;
    const made = elementsOf(sync.state, "drawing").find((d) => !known.has(d.id));
    if (made) await sync.show({ kind: "drawing", id: made.id });
  };
  return (
    <div className="mb-4 flex flex-wrap gap-2">
      {ofHouse
        .filter((c) => c.when?.(state) ?? true)
        .map((c) => (
          <Button key={c.name} onClick={() => c.does(board)}>
            {c.words}
          </Button>
        ))}
      {missing.map(([kind, name, words]) => (
        <Button key={kind} onClick={() => void add(kind, name)}>
          {words}
        </Button>
      ))}
      <Button
        onClick={() =>
          void add("TEXT", "General notes", {
            type: "written",
            text: "",
            style: usualLetters(state),
            widthMm: 160,
            columns: 1,
          })
        }
      >
        Add words
      </Button>
      <Button onClick={() => void add("PICTURE", "Picture", { type: "pictured", data: BLANK, widthMm: 120 })}>
        Add picture
      </Button>
    </div>
  );
}

function Entry({ shown, words }: { readonly shown: Shown; readonly words: string }) {
  const { sync } = useBoardTools();
  const open = useBoard((s) => s.shown?.id === shown.id);
  return (
    <li>
      <button
        type="button"
        aria-current={open}
        className={`w-full rounded px-2 py-1 text-left ${open ? "bg-ink font-semibold text-paper" : "hover:bg-lime-2"}`}
        onClick={() => void sync.show(shown)}
      >
        {words}
      </button>
    </li>
  );
}
