import { useCallback, useEffect, useState } from "react";
import { answerOf, api, reasonOf } from "../../api/client";
import type { Plot, Plotter } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Button, Fault, Panel } from "../../ui/controls";
import { useBoard } from "../state/context";
import { inSet, setsOf, setWords, sheetsAsBound } from "../state/sheets";

/** How often is looked what has become of what was sent. */
const LOOK_MS = 600;

/** Sends sheets to the plotter, and shows what becomes of what was sent. */
export function PlotDialog({ onClose }: { readonly onClose: () => void }) {
  const [plotter, setPlotter] = useState<Plotter>();
  const [plots, setPlots] = useState<readonly Plot[]>([]);
  const [fault, setFault] = useState<string>();
  const look = useCallback(async () => {
    try {
      const [state, sent] = await Promise.all([
        answerOf(api.GET("/api/v1/plotter")),
        answerOf(api.GET("/api/v1/plots")),
      ]);
      setPlotter(state);
      setPlots(sent.toReversed());
      setFault(undefined);
    } catch (error) {
      setFault(reasonOf(error));
    }
  }, []);
  useEffect(() => {
    void look();
    const every = setInterval(() => void look(), LOOK_MS);
    return () => clearInterval(every);
  }, [look]);
  const cancel = async (plot: Plot) => {
    try {
      await answerOf(api.DELETE("/api/v1/plots/{plot}", { params: { path: { plot: plot.id } } }));
      await look();
    } catch (error) {
      setFault(reasonOf(error));
    }
  };
  return (
    <Panel title="Plot sheets" size="w-180" onClose={onClose}>
      {plotter && <PlotterWords plotter={plotter} />}
      {fault && <Fault>{fault}</Fault>}
      <SheetsToPlot onSent={() => void look()} />
      <section aria-label="Sent to the plotter" className="mt-4 border-rule border-t pt-3">
        <h3 className="font-semibold">Sent to the plotter</h3>
        {plots.length === 0 && <p className="text-ink-2">Nothing yet.</p>}
        <ul>
          {plots.map((p) => (
            <Sent key={p.id} plot={p} onCancel={() => void cancel(p)} />
          ))}
        </ul>
      </section>
    </Panel>
  );
}

function PlotterWords({ plotter }: { readonly plotter: Plotter }) {
  return (
    <p className="py-1">
      <span className="font-semibold">{plotter.name}</span>{" "}
      <span className={plotter.sentence ? "text-oxide" : "text-ink-2"}>
        {plotter.sentence || "is ready."}
      </span>{" "}
      {plotter.page && (
        <a
          className="text-verdigris underline hover:text-ink"
          href={plotter.page}
          target="_blank"
          rel="noreferrer"
        >
          Its own page
        </a>
      )}
    </p>
  );
}

/** The sheets of the set, all of them chosen at first, or the one that is shown. */
function SheetsToPlot({ onSent }: { readonly onSent: () => void }) {
  const project = useBoard((s) => s.project);
  const elements = useBoard((s) => s.elements);
  const shown = useBoard((s) => (s.shown?.kind === "sheet" ? s.shown.id : null));
  const sheets = sheetsAsBound({ elements });
  const sets = setsOf(sheets);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(shown ? [shown] : sheets.map((s) => s.id)),
  );
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const send = async () => {
    setBusy(true);
    setFault(undefined);
    try {
      await answerOf(
        api.POST("/api/v1/projects/{project}/plots", {
          params: { path: { project } },
          body: { sheets: sheets.filter((s) => chosen.has(s.id)).map((s) => s.id) },
        }),
      );
      onSent();
    } catch (error) {
      setFault(reasonOf(error));
    }
    setBusy(false);
  };
  if (sheets.length === 0) return <p className="py-1 text-ink-2">This project has no sheets yet.</p>;
  return (
    <>
      <Checks
        words="Sheets to plot"
        options={sheets.map((s) => [s.id, s.number] as const)}
        chosen={sheets.filter((s) => chosen.has(s.id)).map((s) => s.id)}
        onChange={(ids) => setChosen(new Set(ids))}
      />
      {fault && <Fault>{fault}</Fault>}
      <div className="mt-2 flex justify-end gap-2">
        {sets.length > 1 &&
          sets.map((set) => (
            <Button key={set} onClick={() => setChosen(new Set(inSet(sheets, set).map((s) => s.id)))}>
              {setWords(set)}
            </Button>
          ))}
        <Button onClick={() => setChosen(new Set(sheets.map((s) => s.id)))}>All</Button>
        <Button onClick={() => setChosen(new Set())}>None</Button>
        <Button main disabled={busy || chosen.size === 0} onClick={() => void send()}>
          {chosen.size === 1 ? "Plot 1 sheet" : `Plot ${chosen.size} sheets`}
        </Button>
      </div>
    </>
  );
}

const WORDS: Record<Plot["stands"], string> = {
  WAITING: "waits its turn",
  PLOTTING: "is being plotted",
  HELD: "is held up",
  DONE: "plotted",
  CANCELLED: "cancelled",
  FAILED: "failed",
};

function Sent({ plot, onCancel }: { readonly plot: Plot; readonly onCancel: () => void }) {
  const { sheets, done, stands, sentence } = plot;
  const over = stands === "DONE" || stands === "CANCELLED" || stands === "FAILED";
  const what = sheets.length === 1 ? `sheet ${sheets[0]}` : `${sheets.length} sheets`;
  return (
    <li className="flex items-center gap-3 py-1">
      <span className="min-w-0 grow">
        {plot.title}, {what}: {WORDS[stands]}
        {sentence && <span className="text-oxide"> {sentence}</span>}
      </span>
      <progress className="w-28" aria-label={`${what} plotted`} value={done} max={sheets.length} />
      <span className="w-14 text-right text-ink-2">
        {done} of {sheets.length}
      </span>
      {over ? (
        <span className="w-20" />
      ) : (
        <Button className="w-20" onClick={onCancel}>
          Cancel
        </Button>
      )}
    </li>
  );
}
