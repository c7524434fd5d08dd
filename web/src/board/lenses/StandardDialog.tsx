import { useRef, useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import type { StandardCompared as Compared, Element } from "../../api/types";
import { Button, Fault, fieldClass, Panel } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { takingStandard } from "../state/revisions";
import { differences } from "./differences";

const WORDS: Record<Compared["likeness"], string> = {
  NEW: "The project has none",
  DIFFERENT: "The project has another",
  SAME: "The same",
};

/** The office standard of this project, to hand on; and another beside it, to take from item by item. */
export function StandardDialog() {
  const { store } = useBoardTools();
  const project = useBoard((s) => s.project);
  const input = useRef<HTMLInputElement>(null);
  const [items, setItems] = useState<readonly Compared[] | null>(null);
  const [fault, setFault] = useState("");
  const read = async (file: File) => {
    setFault("");
    setItems(null);
    try {
      setItems(await comparison(project, await file.text()));
    } catch (wrong) {
      setFault(sentenceOf(wrong));
    }
  };
  return (
    <Panel title="Office standard" size="w-200" onClose={() => store.setState({ dialog: null })}>
      <p className="mb-3 text-ink-2">
        Layers, lenses, materials, build-ups, symbols and rules of this project as one file, for other
        projects; or those of another file beside them. Nothing that is drawn is lost.
      </p>
      <div className="flex items-center gap-3">
        <a
          className="rounded border border-rule bg-paper px-3 py-1 hover:bg-lime-2"
          href={`/api/v1/projects/${project}/standard`}
          download
        >
          Save this project's standard
        </a>
        <input
          ref={input}
          type="file"
          accept=".json,application/json"
          aria-label="Standard to compare"
          className="hidden"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) void read(file);
            e.target.value = "";
          }}
        />
        <Button onClick={() => input.current?.click()}>Compare with a file</Button>
      </div>
      {fault && <Fault>{fault}</Fault>}
      {items && <Choosing key={items.length} items={items} onTaken={() => setItems(null)} />}
    </Panel>
  );
}

function comparison(project: string, body: string): Promise<Compared[]> {
  return answerOf(
    api.POST("/api/v1/projects/{project}/standard/comparison", {
      params: { path: { project } },
      body: body as unknown as Record<string, never>,
      bodySerializer: (raw) => raw as unknown as string,
      headers: { "Content-Type": "application/json" },
    }),
  );
}

interface Props {
  readonly items: readonly Compared[];
  readonly onTaken: () => void;
}

/** What is new and what differs, each to take or to leave. */
function Choosing({ items, onTaken }: Props) {
  const { sync } = useBoardTools();
  const [sought, setSought] = useState("");
  const open = items.filter((i) => i.likeness !== "SAME");
  const [taken, setTaken] = useState<ReadonlySet<string>>(
    new Set(open.filter((i) => i.likeness === "NEW").map((i) => i.element.id)),
  );
  const shown = open.filter((i) => i.name.toLowerCase().includes(sought.trim().toLowerCase()));
  const set = (ids: readonly string[], on: boolean) => {
    const next = new Set(taken);
    for (const id of ids)
      if (on) next.add(id);
      else next.delete(id);
    setTaken(next);
  };
  const take = async () => {
    const chosen = open.filter((i) => taken.has(i.element.id)).map((i) => i.element);
    if (await sync.edit(takingStandard(chosen))) onTaken();
  };
  const ids = shown.map((i) => i.element.id);
  return (
    <section className="mt-3 border-rule border-t pt-3">
      <p className="mb-2 text-ink-2">
        The same: {items.length - open.length}. Not the same: {open.length}.
      </p>
      {open.length > 0 && (
        <>
          <div className="flex items-center gap-3">
            <input
              aria-label="Items whose name has"
              placeholder="Part of a name"
              className={`${fieldClass} w-56`}
              value={sought}
              onChange={(e) => setSought(e.target.value)}
            />
            <Button onClick={() => set(ids, true)}>Take all</Button>
            <Button onClick={() => set(ids, false)}>Leave all</Button>
          </div>
          <ul className="my-2 max-h-80 overflow-auto">
            {shown.map(({ element, name, likeness }) => (
              <li key={element.id}>
                <label className="flex items-center gap-2 py-0.5">
                  <input
                    type="checkbox"
                    checked={taken.has(element.id)}
                    onChange={() => set([element.id], !taken.has(element.id))}
                  />
                  <span className="grow">{name}</span>
                  <span className={likeness === "NEW" ? "text-verdigris" : "text-ochre"}>
                    {WORDS[likeness]}
                    {taken.has(element.id) && (likeness === "NEW" ? ": added" : ": replaced")}
                  </span>
                </label>
                {likeness === "DIFFERENT" && <Differences theirs={element} />}
              </li>
            ))}
          </ul>
          <div className="flex justify-end">
            <Button main disabled={taken.size === 0} onClick={() => void take()}>
              Take {taken.size} {taken.size === 1 ? "item" : "items"}
            </Button>
          </div>
        </>
      )}
    </section>
  );
}

/** What the project has beside what the standard has, where they differ. */
function Differences({ theirs }: { readonly theirs: Element }) {
  const elements = useBoard((s) => s.elements);
  const mine = elements.get(theirs.id);
  if (!mine) return null;
  return (
    <table className="mb-1 ml-6 text-xs">
      <thead className="text-ink-2">
        <tr>
          <th className="pr-4 text-left font-normal">Differs in</th>
          <th className="pr-4 text-left font-normal">Here</th>
          <th className="text-left font-normal">In the standard</th>
        </tr>
      </thead>
      <tbody>
        {differences({ elements }, mine, theirs).map((d) => (
          <tr key={d.what}>
            <td className="pr-4">{d.what}</td>
            <td className="pr-4">{d.mine}</td>
            <td>{d.theirs}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
