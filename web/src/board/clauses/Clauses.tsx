import { useState } from "react";
import type { Clause } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Panel, Row, Stacked } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { library, usesOf } from "../state/clauses";
import { useBoard, useBoardTools } from "../state/context";
import { addingClause, erasure } from "../state/revisions";
import { elementOf } from "../state/state";

/** The library of keyed notes: a clause changed here changes wherever it is said. */
export function Clauses({ onClose }: { readonly onClose: () => void }) {
  const elements = useBoard((s) => s.elements);
  const all = library({ elements });
  const [chosen, setChosen] = useState(all[0]?.id);
  const clause = all.find((c) => c.id === chosen) ?? all[0];
  return (
    <Panel title="Library of keyed notes" size="w-220" onClose={onClose}>
      <div className="flex gap-6">
        <ul aria-label="Clauses" className="max-h-120 w-100 shrink-0 overflow-auto border-rule border-r pr-2">
          {all.map((c) => (
            <li key={c.id}>
              <button
                type="button"
                aria-pressed={c.id === clause?.id}
                className="w-full rounded px-1.5 py-1 text-left aria-pressed:bg-verdigris-2"
                onClick={() => setChosen(c.id)}
              >
                <span className="text-ink-2">{c.heading}</span> <Used clause={c} />
                <span className="line-clamp-2 block">{c.text}</span>
              </button>
            </li>
          ))}
        </ul>
        <div className="min-w-0 grow">
          {clause && <OneClause key={clause.id} clause={clause} />}
          <NewClause onAdded={setChosen} />
          <Counted />
        </div>
      </div>
    </Panel>
  );
}

function Used({ clause }: { readonly clause: Clause }) {
  const count = useBoard((s) => usesOf(s, clause.id));
  return <span className="float-right text-ink-3">{count === 0 ? "not used" : `on drawings: ${count}`}</span>;
}

function OneClause({ clause }: { readonly clause: Clause }) {
  const { sync } = useBoardTools();
  const used = useBoard((s) => usesOf(s, clause.id));
  const revise = (part: Partial<Clause>) => void sync.revise({ ...clause, ...part, type: "clause" });
  return (
    <section className="mb-4">
      <h3 className="font-semibold">This clause</h3>
      <Row label="Heading">
        <Accepted value={clause.heading} onAccept={(heading) => revise({ heading })} />
      </Row>
      <Stacked label="Words; three underscores make a blank to fill">
        <Accepted rows={4} value={clause.text} onAccept={(text) => revise({ text })} />
      </Stacked>
      <Button
        className="mt-1"
        disabled={used > 0}
        title={used > 0 ? "It stands on drawings" : undefined}
        onClick={() => void sync.edit(erasure([clause.id]))}
      >
        Delete it
      </Button>
    </section>
  );
}

function NewClause({ onAdded }: { readonly onAdded: (id: string) => void }) {
  const { sync } = useBoardTools();
  const [heading, setHeading] = useState("General");
  const [text, setText] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const add = async () => {
    const known = new Set(library(sync.state).map((c) => c.id));
    const stored = await sync.edit(addingClause(heading, text));
    setFault(stored ? null : sync.state.saying);
    const made = library(sync.state).find((c) => !known.has(c.id));
    if (!stored || !made) return;
    setText("");
    onAdded(made.id);
  };
  return (
    <section className="border-rule border-t pt-3">
      <h3 className="font-semibold">Another clause</h3>
      <Row label="Heading">
        <input
          className={`${fieldClass} w-40`}
          value={heading}
          onChange={(e) => setHeading(e.target.value)}
        />
      </Row>
      <textarea
        aria-label="Words of another clause"
        rows={3}
        className={`${fieldClass} w-full`}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      {fault && <Fault>{fault}</Fault>}
      <Button className="mt-1" disabled={text.trim() === ""} onClick={() => void add()}>
        Add it
      </Button>
    </section>
  );
}

const COUNTED = [
  ["THROUGH_SET", "through the whole set"],
  ["BY_SHEET", "from 1 on each sheet"],
] as const;

/** How the notes of the project are numbered. */
function Counted() {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const settings = elementOf({ elements }, "settings", "settings");
  if (!settings) return null;
  return (
    <section className="mt-4 border-rule border-t pt-3">
      <Row label="Numbers count">
        <Choice
          value={settings.clauses}
          options={COUNTED}
          onChange={(clauses) => void sync.revise({ ...settings, clauses, type: "settings" })}
        />
      </Row>
    </section>
  );
}
