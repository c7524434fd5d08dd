import { goTo } from "../../ui/route";
import { useBoard, useBoardTools } from "../state/context";
import { hasScale, workingPlan } from "../state/drawings";
import { scaleWords } from "../state/scales";
import { drawingShown, elementOf, elementsOf } from "../state/state";

/** Project, storey, lens and scale, save state, undo and redo, versions and print. */
export function TopStrip() {
  const name = useBoard((s) => elementOf(s, "settings", "settings")?.name ?? "");
  const version = useBoard((s) => s.version);
  const { store, sync } = useBoardTools();
  const small = "shrink-0 rounded border border-rule bg-paper px-3 py-1 hover:bg-lime-2";
  return (
    <header className="col-span-3 flex items-center gap-4 border-rule border-b px-3.5">
      <button
        type="button"
        className="flex w-[156px] shrink-0 items-center gap-2 font-semibold"
        onClick={() => goTo("/")}
        title="All projects"
      >
        <img src="/mark.svg" alt="" width={22} height={18} />
        Lean Lintel
      </button>
      <b className="min-w-16 max-w-44 shrink-[9] truncate font-semibold" title={name}>
        {name}
      </b>
      {version && (
        <span className="flex min-w-40 items-center gap-2 rounded bg-ochre-2 px-2 py-0.5 text-ochre">
          <span className="truncate">Looking at “{version.name}”</span>
          <button type="button" className="shrink-0 underline" onClick={() => void sync.lookAt(null)}>
            Back to now
          </button>
        </span>
      )}
      {!version && <Where />}
      <div className="grow" />
      <Saved />
      {!version && <UndoRedo />}
      <button
        type="button"
        className={small}
        title="Tools, marks, rooms, drawings, sheets (Ctrl K)"
        onClick={() => store.setState({ dialog: "find" })}
      >
        Find
      </button>
      <button type="button" className={small} onClick={() => store.setState({ dialog: "versions" })}>
        Versions
      </button>
      <button type="button" className={small} onClick={() => store.setState({ dialog: "issues" })}>
        Issues
      </button>
      <button type="button" className={small} onClick={() => store.setState({ dialog: "print" })}>
        Print
      </button>
    </header>
  );
}

function Where() {
  const drawing = useBoard(drawingShown);
  const sheet = useBoard((s) => elementOf(s, "sheet", s.shown?.id));
  const lens = useBoard((s) => elementOf(s, "lens", drawingShown(s)?.lens)?.name);
  const units = useBoard((s) => elementOf(s, "settings", "settings")?.units ?? "METRIC");
  if (sheet) return <Pair label="Sheet" value={`${sheet.number} ${sheet.title}`} />;
  if (!drawing) return null;
  return (
    <>
      {drawing.kind === "PLAN" && <StoreyChips here={drawing.storey} />}
      {hasScale(drawing) && <Pair cut="last" label="Lens" value={lens ?? ""} />}
      {hasScale(drawing) && <Pair cut="never" label="Scale" value={scaleWords(drawing.scale, units)} />}
    </>
  );
}

/** The storeys from the lowest up, the one worked on filled. */
function StoreyChips({ here }: { readonly here: string }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const storeys = elementsOf({ elements }, "storey").sort((a, b) => a.levelMm - b.levelMm);
  const open = (storey: string) => {
    const plan = workingPlan({ elements }, storey);
    if (plan) void sync.show({ kind: "drawing", id: plan.id });
  };
  return (
    <nav aria-label="Storeys" className="flex min-w-24 overflow-hidden rounded border border-ink">
      {storeys.map((s) => (
        <button
          key={s.id}
          type="button"
          aria-current={s.id === here}
          title={s.name}
          className={`min-h-6 min-w-14 truncate px-2.5 py-0.5 ${s.id === here ? "bg-ink font-semibold text-paper" : "bg-paper hover:bg-lime-2"}`}
          onClick={() => open(s.id)}
        >
          {s.name}
        </button>
      ))}
    </nav>
  );
}

interface PairProps {
  readonly label: string;
  readonly value: string;
  /** When it is cut short for want of room. */
  readonly cut?: keyof typeof CUT;
}

const CUT = { first: "min-w-16 shrink-[9]", last: "min-w-16 max-w-52 shrink-[6]", never: "shrink-0" };

function Pair({ label, value, cut = "first" }: PairProps) {
  return (
    <span className={`${CUT[cut]} truncate whitespace-nowrap text-ink-2`}>
      {label} <b className="ml-0.5 font-semibold text-ink">{value}</b>
    </span>
  );
}

function Saved() {
  const saving = useBoard((s) => s.saving);
  const words = { saved: "Saved", saving: "Saving", offline: "No answer, trying again" }[saving];
  return (
    <output
      title={
        saving === "offline"
          ? "The server does not answer. What you do is kept here and sent when it does."
          : undefined
      }
      className={`flex shrink-0 whitespace-nowrap items-center gap-1.5 ${saving === "offline" ? "text-oxide" : "text-ink-2"}`}
    >
      <span
        className={`size-[7px] rounded-full ${saving === "saved" ? "bg-verdigris" : saving === "saving" ? "bg-ochre" : "bg-oxide"}`}
      />
      {words}
    </output>
  );
}

function UndoRedo() {
  const { sync, actions } = useBoardTools();
  const undo = useBoard((s) => s.undo);
  const redo = useBoard((s) => s.redo);
  return (
    <>
      <Back sign="↶" label="Undo" what={undo} keys="Ctrl+Z" words="" onClick={() => void sync.undo()} />
      <Back
        sign="↷"
        label="Redo"
        what={redo}
        keys="Ctrl+Y"
        words="max-2xl:hidden"
        onClick={() => void actions.redo()}
      />
    </>
  );
}

interface BackProps {
  readonly sign: string;
  readonly label: string;
  /** What would be taken back or done again; null for nothing. */
  readonly what: string | null;
  readonly keys: string;
  /** How that is shown beside the label, which is never cut short. */
  readonly words: string;
  readonly onClick: () => void;
}

function Back({ sign, label, what, keys, words, onClick }: BackProps) {
  return (
    <button
      type="button"
      className="flex h-7 min-w-[66px] shrink-[99] items-center gap-1 px-1 text-ink-2 hover:text-ink disabled:text-ink-3"
      disabled={!what}
      title={what ? `${label}: ${what} (${keys})` : keys}
      aria-label={what ? `${label}: ${what}` : label}
      onClick={onClick}
    >
      <span className="shrink-0 whitespace-nowrap">
        {sign} {label}
        {what && <span className={words}>: </span>}
      </span>
      {what && <b className={`min-w-0 max-w-44 truncate font-semibold text-ink ${words}`}>{what}</b>}
    </button>
  );
}
