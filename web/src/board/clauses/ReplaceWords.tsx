import { useState } from "react";
import type { Element } from "../../api/types";
import { Button, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { replacingWords } from "../state/revisions";
import { elementOf } from "../state/state";

/** Finds words in all notes and clauses, leads to them, and puts others in their place. */
export function ReplaceWords({ onClose }: { readonly onClose: () => void }) {
  const { sync, actions } = useBoardTools();
  const [find, setFind] = useState("");
  const [words, setWords] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const elements = useBoard((s) => s.elements);
  const found = find === "" ? [] : [...elements.values()].filter((e) => says(e)?.includes(find));
  const replace = async () => {
    const stored = await sync.edit(replacingWords(find, words));
    setFault(stored ? null : sync.state.saying);
  };
  const go = async (e: Element) => {
    if (e.type !== "note" && e.type !== "keyMark") return;
    onClose();
    if (sync.state.shown?.id !== e.drawing) await sync.show({ kind: "drawing", id: e.drawing });
    actions.choose("select");
    actions.selection.selectJust([e.id]);
    sync.views.look({ ...sync.state.view, centre: { x: e.at[0], y: e.at[1] } });
  };
  return (
    <Panel title="Find and replace in notes" size="w-150" onClose={onClose}>
      <Row label="Find">
        <input
          className={`${fieldClass} w-90`}
          value={find}
          onChange={(e) => {
            setFind(e.target.value);
            setFault(null);
          }}
        />
      </Row>
      <Row label="Put in its place">
        <input className={`${fieldClass} w-90`} value={words} onChange={(e) => setWords(e.target.value)} />
      </Row>
      {find !== "" && (
        <p className="py-1 text-ink-2">
          {found.length === 0 ? "Nothing says that." : `Found: ${found.length}`}
        </p>
      )}
      <ul aria-label="Found" className="max-h-72 divide-y divide-rule overflow-auto">
        {found.map((e) => (
          <li key={e.id}>
            <button
              type="button"
              className="w-full py-1 text-left enabled:hover:text-verdigris"
              disabled={e.type === "clause"}
              onClick={() => void go(e)}
            >
              <span className="text-ink-2">{whereOf(e, elements)}</span> {says(e)}
            </button>
          </li>
        ))}
      </ul>
      {fault && <Fault>{fault}</Fault>}
      <div className="mt-2 flex justify-end">
        <Button main disabled={found.length === 0} onClick={() => void replace()}>
          Replace in all
        </Button>
      </div>
    </Panel>
  );
}

/** The words of an element that can be found; undefined for one that has none. */
function says(e: Element): string | undefined {
  if (e.type === "note" || e.type === "clause") return e.text;
  return e.type === "keyMark" ? e.fills.join(", ") : undefined;
}

function whereOf(e: Element, elements: ReadonlyMap<string, Element>): string {
  if (e.type === "clause") return "Clause:";
  const drawing = "drawing" in e ? elementOf({ elements }, "drawing", e.drawing) : undefined;
  return `${drawing?.name ?? ""}:`;
}
