import { useState } from "react";
import type { Edit, Storey } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { layerOf } from "../state/layers";
import { addingStorey, erasure, reordering, revisionOfStorey } from "../state/revisions";
import { type BoardState, elementOf, elementsOf, floorBuildUps, planShown } from "../state/state";
import { useTrial } from "../things/useTrial";
import { SiteFields } from "./SiteFields";
import { StoreyStrip } from "./StoreyStrip";

const elementsIn = (state: BoardState) => state.elements;

/** The building in height: a strip through its storeys, the one worked on to change, and one more to add. */
export function Storeys() {
  const storey = useBoard((s) => elementOf(s, "storey", planShown(s)?.storey));
  return (
    <Section title="Storeys" words="click one to work on it">
      <StoreyStrip />
      {storey && <OneStorey key={storey.id} storey={storey} />}
      {storey && <NewStorey beside={storey} />}
      <SiteFields />
    </Section>
  );
}

/** An edit that is shown for what it does before it is made. */
function Confirm({ edit, words, onDone }: { edit: Edit; words: string; onDone: () => void }) {
  const { sync } = useBoardTools();
  const trial = useTrial(edit);
  const make = async () => {
    if (await sync.edit(edit)) onDone();
  };
  return (
    <div className="my-2 rounded border border-rule bg-ochre-2 p-2">
      {trial.fault && <Fault>{trial.fault}</Fault>}
      <ul aria-label="What changes">
        {trial.effects.map((e) => (
          <li key={e}>{e}</li>
        ))}
      </ul>
      <div className="mt-2 flex justify-end gap-2">
        <Button onClick={onDone}>Leave</Button>
        <Button main disabled={trial.fault !== null} onClick={() => void make()}>
          {words}
        </Button>
      </div>
    </div>
  );
}

/** The figures of a storey. Whatever is changed is shown for what it does first. */
function OneStorey({ storey }: { readonly storey: Storey }) {
  const { sync } = useBoardTools();
  const [draft, setDraft] = useState(storey);
  const [removing, setRemoving] = useState(false);
  const elements = useBoard(elementsIn);
  const ceilingMm = useBoard((s) => s.storeys.find((a) => a.id === storey.id)?.ceilingMm ?? 0);
  const changed = JSON.stringify(draft) !== JSON.stringify(storey);
  const change = (part: Partial<Storey>) => setDraft({ ...draft, ...part });
  const { floor, ceiling } = draft;
  return (
    <div className="mt-2 border-rule border-t pt-2">
      <Row label="Name">
        <input
          className={`${fieldClass} w-40`}
          value={draft.name}
          onChange={(e) => change({ name: e.target.value })}
        />
      </Row>
      <LengthField label="Level" mm={draft.levelMm} onChange={(levelMm) => change({ levelMm })} />
      <LengthField label="Floor to floor" mm={draft.heightMm} onChange={(heightMm) => change({ heightMm })} />
      <LengthField
        label="Ceiling height"
        mm={ceiling.type === "fixed" ? ceiling.mm : ceilingMm}
        onChange={(mm) => change({ ceiling: { type: "fixed", mm } })}
      />
      <Row label="Floor">
        <Choice
          value={floor.type === "built" ? floor.buildUp : ""}
          options={[["", "not said"], ...floorBuildUps({ elements }).map((b) => [b.id, b.name] as const)]}
          onChange={(buildUp) =>
            change({ floor: buildUp === "" ? { type: "notSaid" } : { type: "built", buildUp } })
          }
        />
      </Row>
      {changed && (
        <Confirm
          edit={revisionOfStorey(draft)}
          words="Change"
          onDone={() => setDraft(elementOf(sync.state, "storey", storey.id) ?? storey)}
        />
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <Button onClick={() => void sync.edit(reordering(storey.id, true))}>Up</Button>
        <Button onClick={() => void sync.edit(reordering(storey.id, false))}>Down</Button>
        <Button onClick={() => setRemoving(!removing)}>Delete storey</Button>
      </div>
      {removing && <Confirm edit={erasure([storey.id])} words="Delete" onDone={() => setRemoving(false)} />}
    </div>
  );
}

/** One more storey, with copies of what stands on the one worked on. */
function NewStorey({ beside }: { readonly beside: Storey }) {
  const { sync } = useBoardTools();
  const elements = useBoard(elementsIn);
  const offered = useBoard((s) => s.offered?.region.storeys);
  const floors = floorBuildUps({ elements });
  const usual = floors.find((b) => b.use === "FLOOR")?.id ?? "";
  const [facts, setFacts] = useState({ name: "", above: true, heightMm: 0, floor: usual });
  const [taking, setTaking] = useState({ shell: true, partitions: false, openings: false });
  const heightMm = facts.heightMm || (offered?.heightMm ?? beside.heightMm);
  const taken = elementsOf({ elements }, "storey").map((s) => s.name);
  const next = facts.above ? offered?.next.find((n) => !taken.includes(n)) : "Basement";
  const name = facts.name.trim() || (next ?? "");
  const add = async () => {
    const floor =
      facts.floor === ""
        ? ({ type: "notSaid" } as const)
        : ({ type: "built", buildUp: facts.floor } as const);
    const { above } = facts;
    const laid =
      facts.floor === ""
        ? ({ type: "notLaid" } as const)
        : ({ type: "laidOn", layer: layerOf({ elements }, "floor") } as const);
    const edit = addingStorey({ beside: beside.id, above, name, heightMm, floor, taking, laid });
    if (!(await sync.edit(edit))) return;
    setFacts({ ...facts, name: "" });
    const plan = [...sync.state.elements.values()].find(
      (e) => e.type === "drawing" && elementOf(sync.state, "storey", e.storey)?.name === name,
    );
    if (plan) await sync.show({ kind: "drawing", id: plan.id });
  };
  const take = (what: keyof typeof taking, words: string) => (
    <label className="flex items-center gap-2 py-0.5">
      <input
        type="checkbox"
        checked={taking[what]}
        onChange={(e) => setTaking({ ...taking, [what]: e.target.checked })}
      />
      {words}
    </label>
  );
  return (
    <section className="mt-3 border-rule border-t pt-2" aria-label="New storey">
      <h3 className="font-semibold">New storey</h3>
      <Row label="Where">
        <Choice
          value={facts.above ? "above" : "below"}
          options={[
            ["above", `above ${beside.name}`],
            ["below", `below ${beside.name}`],
          ]}
          onChange={(where) => setFacts({ ...facts, above: where === "above" })}
        />
      </Row>
      <Row label="Name">
        <input
          className={`${fieldClass} w-40`}
          placeholder={name}
          value={facts.name}
          onChange={(e) => setFacts({ ...facts, name: e.target.value })}
        />
      </Row>
      <LengthField
        label="Floor to floor"
        mm={heightMm}
        onChange={(mm) => setFacts({ ...facts, heightMm: mm })}
      />
      <Row label="Its floor">
        <Choice
          value={facts.floor}
          options={[["", "not said"], ...floors.map((b) => [b.id, b.name] as const)]}
          onChange={(floor) => setFacts({ ...facts, floor })}
        />
      </Row>
      <p className="pt-1 text-ink-2">Copy from {beside.name}</p>
      {take("shell", "the shell")}
      {take("partitions", "partitions")}
      {take("openings", "doors and windows")}
      <div className="mt-1 flex justify-end">
        <Button main onClick={() => void add()}>
          Add storey
        </Button>
      </div>
    </section>
  );
}
