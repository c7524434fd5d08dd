import { useQuery } from "@tanstack/react-query";
import { answerOf, api } from "../../api/client";
import type { Finding } from "../../api/types";
import { Button, Choice, Stacked } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { workingPlan } from "../state/drawings";
import { elementOf, planShown } from "../state/state";
import { useStairRuleSets } from "../things/useStairRuleSets";
import { mendOf } from "./mending";

/** What checks found, each with its rule and a way to it; and a switch for the floor that fittings need. */
export function Findings() {
  const { store } = useBoardTools();
  const findings = useBoard((s) => s.findings);
  const shown = useBoard((s) => s.clearancesShown);
  const plan = useBoard((s) => planShown(s) !== undefined);
  return (
    <>
      <RuleSet />
      <StairRuleSet />
      <label className="flex items-center gap-2 py-2">
        <input
          type="checkbox"
          disabled={!plan}
          checked={shown}
          onChange={(e) => store.setState({ clearancesShown: e.target.checked })}
        />
        Show the floor that fittings need
      </label>
      {findings.length === 0 && <p className="border-rule border-t pt-2">Nothing found.</p>}
      <ul aria-label="Findings" className="divide-y divide-rule border-rule border-t">
        {findings.map((f) => (
          <Entry key={`${f.sentence}${f.concerns.join()}`} finding={f} />
        ))}
      </ul>
      <OnSheets />
    </>
  );
}

/** What does not print well on the sheets, looked for while this is open. */
function OnSheets() {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const revision = useBoard((s) => s.revision);
  const old = useBoard((s) => s.version !== null);
  const { data: found, isFetching } = useQuery({
    queryKey: ["sheet-findings", project, revision],
    enabled: !old,
    queryFn: () =>
      answerOf(api.GET("/api/v1/projects/{project}/sheet-findings", { params: { path: { project } } })),
    placeholderData: (before) => before,
  });
  const show = async ({ concerns, at }: Finding) => {
    await sync.show({ kind: "sheet", id: concerns[0] ?? "" });
    sync.views.look({ ...sync.state.view, centre: { x: at[0], y: at[1] } });
  };
  return (
    <section className="mt-4">
      <h3 className="font-semibold">On the sheets</h3>
      {found?.length === 0 && !isFetching && <p className="text-ink-2">Everything there can be read.</p>}
      <ul aria-label="On the sheets" className="divide-y divide-rule">
        {found?.map((f) => (
          <li key={f.sentence} className="py-2">
            <button
              type="button"
              className="text-left font-semibold hover:text-verdigris"
              onClick={() => void show(f)}
            >
              {f.sentence}
            </button>
            <p className="text-ink-2">{f.remedy}</p>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The rules its stairs keep to, to choose. */
function StairRuleSet() {
  const { store, sync } = useBoardTools();
  const rules = useBoard((s) => elementOf(s, "rules", "rules"));
  const { sets } = useStairRuleSets();
  if (!rules) return null;
  const names = [...new Set([rules.stairs.name, ...sets.map((s) => s.rules.name)])];
  return (
    <>
      <Stacked label="Stairs by">
        <Choice
          className="w-full max-w-full"
          value={rules.stairs.name}
          options={names.map((n) => [n, n] as const)}
          onChange={(name) => {
            const set = sets.find((s) => s.rules.name === name);
            if (set) void sync.revise({ ...rules, stairs: set.rules, type: "rules" });
          }}
        />
      </Stacked>
      <button
        type="button"
        className="text-verdigris underline hover:text-ink"
        onClick={() => store.setState({ dialog: "stairRules" })}
      >
        Change the rules for stairs
      </button>
    </>
  );
}

/** The rules the project is checked by, to choose. */
function RuleSet() {
  const { sync } = useBoardTools();
  const rules = useBoard((s) => elementOf(s, "rules", "rules"));
  const { data: sets = [] } = useQuery({
    queryKey: ["rule-sets"],
    queryFn: () => answerOf(api.GET("/api/v1/rule-sets")),
  });
  if (!rules) return null;
  const names = [...new Set([rules.name, ...sets.map((s) => s.name)])];
  return (
    <Stacked label="Checked by">
      <Choice
        className="w-full max-w-full"
        value={rules.name}
        options={names.map((n) => [n, n] as const)}
        onChange={(name) => {
          const set = sets.find((s) => s.name === name);
          if (set) void sync.revise({ ...set, stairs: rules.stairs, type: "rules" });
        }}
      />
    </Stacked>
  );
}

function Entry({ finding }: { readonly finding: Finding }) {
  const { actions, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const show = async () => {
    const concern = elements.get(finding.concerns[0] ?? "");
    const own =
      concern?.type === "drawing"
        ? concern.id
        : concern && "drawing" in concern
          ? concern.drawing
          : undefined;
    const plan =
      elementOf({ elements }, "drawing", own) ??
      (finding.storey === null ? undefined : workingPlan({ elements }, finding.storey));
    if (plan && sync.state.shown?.id !== plan.id) await sync.show({ kind: "drawing", id: plan.id });
    actions.selection.selectJust(finding.concerns.filter((id) => elements.has(id)));
    if (concern?.type === "drawing") actions.choose("setout");
    sync.views.look({ ...sync.state.view, centre: { x: finding.at[0], y: finding.at[1] } });
  };
  const making = useBoard((s) => s.making);
  const mending = mendOf({ elements, making }, finding);
  return (
    <li className="py-2">
      <button
        type="button"
        className="text-left font-semibold hover:text-verdigris"
        onClick={() => void show()}
      >
        {finding.sentence}
      </button>
      {mending ? (
        <Button className="mt-1 px-2 py-0" onClick={() => void sync.edit(mending.edit)}>
          {mending.words}
        </Button>
      ) : (
        <p className="text-ink-2">{finding.remedy}</p>
      )}
      {finding.source.includes("(check)") && (
        <p className="text-ink-3 text-xs">The figure is to be checked against the standard.</p>
      )}
    </li>
  );
}
