import type { SetOutLine, SetOutReport } from "../../api/types";
import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { useBoard, useBoardTools } from "../state/context";
import { lineAsked, NOT_FOUND, stepsTo } from "../state/setOutReport";

/** What of a plan can be set out from its numbers, and how. */
export function SetOutChecked() {
  const { actions } = useBoardTools();
  const report = useBoard((s) => s.setOutReport);
  const asked = useBoard(lineAsked);
  if (!report) return null;
  const lost = report.lines.filter((l) => l.step === NOT_FOUND);
  return (
    <Section title="Set-out check" words="what a builder can find from this plan">
      <p className="font-semibold">
        {lost.length === 0
          ? `All ${report.lines.length} lines can be found.`
          : `${lost.length} of ${report.lines.length} lines cannot be found.`}
      </p>
      {report.unjudged > 0 && (
        <p className="text-ink-2">
          {report.unjudged === 1
            ? "One wall that bends, or slants against another, is not looked at."
            : `${report.unjudged} walls that bend, or slant against another, are not looked at.`}
        </p>
      )}
      <Misread report={report} />
      {asked && <Asked report={report} line={asked} />}
      {lost.length > 0 && (
        <>
          <Lost lost={lost} />
          <Button className="mt-2" onClick={() => actions.choose("dimension")}>
            Dimension what is missing
          </Button>
        </>
      )}
    </Section>
  );
}

function Misread({ report }: { readonly report: SetOutReport }) {
  const { actions } = useBoardTools();
  return (
    <ul>
      {report.misread.map((m) => (
        <li key={`${m.string} ${m.at.join()}`} className="py-1 text-oxide">
          <button
            type="button"
            className="text-left"
            onClick={() => actions.selection.selectJust([m.string])}
          >
            A string says {m.said} where {m.really} is drawn.
          </button>
        </li>
      ))}
      {report.twice.map((t) => (
        <li key={`${t.string} ${t.other}`} className="py-1 text-oxide">
          <button
            type="button"
            className="text-left"
            onClick={() => actions.selection.selectJust([t.string, t.other])}
          >
            Two strings say {t.said} and {t.otherSaid} of the same distance.
          </button>
        </li>
      ))}
    </ul>
  );
}

/** How one line is found, number by number. */
function Asked({ report, line }: { readonly report: SetOutReport; readonly line: SetOutLine }) {
  const steps = stepsTo(report, line);
  return (
    <div className="my-2 border-rule border-y py-2">
      <h3 className="font-semibold first-letter:uppercase">{line.words}</h3>
      {line.step === NOT_FOUND ? (
        <p className="text-oxide">Nothing on the plan says where it lies.</p>
      ) : steps.length === 0 ? (
        <p className="text-ink-2">
          It is what the others are measured from, in line with that, or stands already.
        </p>
      ) : (
        <ol aria-label="Found by" className="list-decimal pl-5">
          {steps.map((s, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other identity
            <li key={i}>{s.words}</li>
          ))}
        </ol>
      )}
    </div>
  );
}

/** What cannot be found, each thing once. */
function Lost({ lost }: { readonly lost: readonly SetOutLine[] }) {
  const { sync } = useBoardTools();
  const things = new Map<string, SetOutLine[]>();
  for (const line of lost) things.set(line.words, [...(things.get(line.words) ?? []), line]);
  const look = ({ from: [ax = 0, ay = 0], to: [bx = 0, by = 0] }: SetOutLine) =>
    sync.views.look({ ...sync.state.view, centre: { x: (ax + bx) / 2, y: (ay + by) / 2 } });
  return (
    <ul aria-label="Not found" className="divide-y divide-rule">
      {[...things].map(([words, lines]) => (
        <li key={words} className="py-1">
          <button
            type="button"
            className="text-left first-letter:uppercase hover:text-verdigris"
            onClick={() => lines[0] && look(lines[0])}
          >
            {words}
            {lines.length > 1 && `, ${lines.length} lines`}
          </button>
        </li>
      ))}
    </ul>
  );
}
