import { useState } from "react";
import type { StringStyle } from "../../api/types";
import { Button, Panel, Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { useBoard, useBoardTools } from "../state/context";
import { addingStringStyle, erasure } from "../state/revisions";
import { type Elements, elementsOf } from "../state/state";
import { freeCopyName } from "../state/stock";
import { FigureFields, LineFields } from "./StyleFields";

/** The styles of dimension strings: what a lens asks for, or a string has for its own. */
export function StringStyles({ onClose }: { readonly onClose: () => void }) {
  const elements = useBoard((s) => s.elements);
  const all = elementsOf({ elements }, "stringStyle").toSorted((a, b) => a.name.localeCompare(b.name));
  const [chosen, setChosen] = useState(all[0]?.id);
  const style = all.find((s) => s.id === chosen) ?? all[0];
  return (
    <Panel title="Styles of dimension strings" size="w-180" onClose={onClose}>
      <div className="flex gap-6">
        <ul aria-label="Styles" className="w-60 shrink-0 border-rule border-r pr-2">
          {all.map((s) => (
            <li key={s.id}>
              <button
                type="button"
                aria-pressed={s.id === style?.id}
                className="min-h-6 w-full rounded px-1.5 text-left aria-pressed:bg-verdigris-2 aria-pressed:font-semibold"
                onClick={() => setChosen(s.id)}
              >
                {s.name}
              </button>
            </li>
          ))}
        </ul>
        {style && <OneStyle key={style.id} style={style} onAdded={setChosen} />}
      </div>
    </Panel>
  );
}

interface OneProps {
  readonly style: StringStyle;
  readonly onAdded: (id: string) => void;
}

function OneStyle({ style, onAdded }: OneProps) {
  const { sync } = useBoardTools();
  const used = useBoard((s) => usesOf(s, style.id));
  const refused = useBoard((s) => s.saying);
  const revise = (part: Partial<StringStyle>) => void sync.revise({ ...style, ...part, type: "stringStyle" });
  const copy = async () => {
    const known = elementsOf(sync.state, "stringStyle");
    const name = freeCopyName(style.name, known);
    if (!(await sync.edit(addingStringStyle(style.id, name)))) return;
    const made = elementsOf(sync.state, "stringStyle").find((s) => !known.includes(s) && s.name === name);
    if (made) onAdded(made.id);
  };
  return (
    <div className="min-w-0 grow">
      <Row label="Name">
        <Accepted value={style.name} onAccept={(name) => revise({ name })} />
      </Row>
      <LineFields style={style} revise={revise} />
      <FigureFields style={style} revise={revise} />
      <p className="py-1 text-ink-2">{used}</p>
      {refused && <p className="text-oxide">{refused}</p>}
      <div className="flex gap-2 pt-1">
        <Button onClick={() => void copy()}>Copy it</Button>
        <Button onClick={() => void sync.edit(erasure([style.id]))}>Delete it</Button>
      </div>
    </div>
  );
}

/** Which lenses and how many strings would look otherwise. */
function usesOf(state: Elements, style: string): string {
  const lenses = elementsOf(state, "lens").filter((l) => l.strings === style);
  const strings = elementsOf(state, "dimensionString").filter(
    (s) => s.styled.type === "inStyle" && s.styled.style === style,
  );
  const through = lenses.length > 0 ? `Asked for by ${lenses.map((l) => l.name).join(", ")}` : "";
  const own =
    strings.length > 0
      ? `the own style of ${strings.length === 1 ? "one string" : `${strings.length} strings`}`
      : "";
  return [through, own].filter(Boolean).join("; ") || "Not used yet.";
}
