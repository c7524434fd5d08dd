import type { LengthReading } from "../../measure/lengths";
import { printLength } from "../../measure/print";
import { useBoard, useBoardTools } from "../state/context";
import { unseen } from "../state/lenses";
import { faultOf, readingOf, unitsOf } from "../state/state";
import { prompt, toolOf } from "../tools";

/** What the pointer's place is rounded to: a millimetre, an eighth of an inch. */
const PLACE_STEPS = { METRIC: 1, FEET_INCHES: 25.4 / 8 } as const;

/** The line at the foot of the board: what comes next, what is typed, what the pointer caught. */
export function EntryLine() {
  const { actions, store } = useBoardTools();
  const entry = useBoard((s) => s.entry);
  const what = useBoard((s) => prompt(s)[0]);
  const next = useBoard((s) => prompt(s)[1]);
  const saying = useBoard((s) => s.saying);
  const writing = useBoard((s) => toolOf(s.tool).writes?.(s.tool) === true);
  const units = useBoard((s) => (unitsOf(s) === "METRIC" ? "mm" : "ft in"));
  return (
    <footer className="col-span-3 flex items-center gap-3 border-rule border-t px-3.5">
      <div className="max-w-[46%] shrink truncate" title={next}>
        <b className="font-semibold">{what}</b> {next}
      </div>
      <label
        className={`flex items-center gap-2 rounded border-[1.5px] border-ink bg-paper focus-within:border-verdigris px-2.5 py-1 ${writing ? "w-72" : "w-48"}`}
      >
        <input
          id="entry"
          aria-label="Entry line"
          autoComplete="off"
          className="w-full min-w-0 bg-transparent font-drawing font-semibold text-[15px] outline-none!"
          value={entry}
          onChange={(e) => actions.entering.type(e.target.value)}
        />
        <span className="shrink-0 text-ink-3">{writing ? "↵" : `${units} ↵`}</span>
      </label>
      <Unseen />
      <Reading />
      <Measured />
      {saying && (
        <p role="alert" className="truncate text-oxide" title={saying}>
          {saying}
        </p>
      )}
      <SetAside />
      <div className="grow" />
      <Place />
      <button
        type="button"
        aria-label="Keys"
        title="Keys (?)"
        className="rounded border border-rule bg-paper px-2 py-0.5 text-ink-2 hover:bg-lime-2"
        onClick={() => store.setState({ dialog: "keys" })}
      >
        ?
      </button>
    </footer>
  );
}

/** That what the active tool makes would not show here. */
function Unseen() {
  const words = useBoard((s) => {
    const { makes } = toolOf(s.tool);
    return makes ? unseen(s, makes) : null;
  });
  if (!words) return null;
  return <p className="truncate rounded bg-ochre-2 px-2 py-0.5 text-ochre">{words}</p>;
}

/** What the entry was read as, and the choice where it may mean two things. */
function Reading() {
  const { actions } = useBoardTools();
  const reading = useBoard(readingOf);
  const units = useBoard(unitsOf);
  const fault = useBoard(faultOf);
  const choice = useBoard((s) => s.readingChoice);
  if (!reading) return null;
  if (fault) return <p className="truncate text-oxide">{fault}</p>;
  const { length, second, degrees } = reading;
  if (length?.type === "asks" && !second) {
    return (
      <fieldset className="flex items-center gap-1">
        <legend className="sr-only">Which length is meant</legend>
        {[length.firstMm, length.secondMm].map((mm, i) => (
          <button
            key={mm}
            type="button"
            aria-pressed={choice === i}
            className="rounded border border-rule bg-paper px-2 py-0.5 aria-pressed:border-ochre aria-pressed:bg-ochre-2"
            onClick={() => actions.entering.chooseReading(i === 0 ? 0 : 1)}
          >
            {printLength(mm, units)}?
          </button>
        ))}
      </fieldset>
    );
  }
  const sizes = [length, second]
    .flatMap((read) => (read && read.type !== "unreadable" ? printLength(meant(read, choice), units) : []))
    .join(" by ");
  const angle = degrees === null ? "" : `at ${degrees}\u00B0`;
  return <p className="whitespace-nowrap text-ochre">= {[sizes, angle].filter(Boolean).join(" ")}</p>;
}

function meant(read: Exclude<LengthReading, { type: "unreadable" }>, choice: 0 | 1): number {
  if (read.type === "read") return read.mm;
  return choice === 0 ? read.firstMm : read.secondMm;
}

/** What was measured: the run, and what it encloses. */
function Measured() {
  const measured = useBoard((s) => s.measured);
  if (!measured) return null;
  const { total, area, perimeter, angle } = measured;
  return (
    <output className="flex gap-3 whitespace-nowrap text-ochre" aria-label="Measured">
      <span>
        {measured.legs.length > 1 ? "run" : "distance"} <b className="font-semibold">{total}</b>
      </span>
      {area && (
        <span>
          area <b className="font-semibold">{area}</b>
        </span>
      )}
      {perimeter && (
        <span>
          round <b className="font-semibold">{perimeter}</b>
        </span>
      )}
      {angle && (
        <span>
          angle <b className="font-semibold">{angle}</b>
        </span>
      )}
    </output>
  );
}

/** What was refused after the drafter had gone on: a way back to it. */
function SetAside() {
  const { actions } = useBoardTools();
  const last = useBoard((s) => s.setAside[s.setAside.length - 1]);
  if (!last) return null;
  const { words } = toolOf(last.tool);
  return (
    <button
      type="button"
      className="shrink-0 whitespace-nowrap rounded border border-oxide bg-paper px-2 py-0.5 text-oxide hover:bg-lime-2"
      onClick={() => actions.submitting.takeUp()}
    >
      Take up again: {[words, last.entry].filter(Boolean).join(" ")}
    </button>
  );
}

function Place() {
  const pointer = useBoard((s) => s.pointer);
  const units = useBoard(unitsOf);
  if (!pointer) return null;
  const step = PLACE_STEPS[units];
  const words = (mm: number) => printLength(Math.round(mm / step) * step, units);
  return (
    <div className="shrink-0 whitespace-nowrap text-ink-2">
      x <b className="font-semibold text-ink">{words(pointer.x)}</b> y{" "}
      <b className="font-semibold text-ink">{words(pointer.y)}</b>
    </div>
  );
}
