import { useState } from "react";
import type { LetterStyle, StringStyle } from "../../api/types";
import { Button, Panel, Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { useBoard, useBoardTools } from "../state/context";
import { addingStyle, erasure } from "../state/revisions";
import { type Elements, elementsOf } from "../state/state";
import { freeCopyName } from "../state/stock";
import { LetterStyleFields } from "./LetterStyleFields";
import { FigureFields, LineFields } from "./StringStyleFields";

type Kind = "stringStyle" | "letterStyle";
type Style =
  | (StringStyle & { readonly type: "stringStyle" })
  | (LetterStyle & { readonly type: "letterStyle" });

/** The styles of dimension strings: what a lens asks for, or a string has for its own. */
export function StringStyles({ onClose }: { readonly onClose: () => void }) {
  return <Styles kind="stringStyle" title="Styles of dimension strings" onClose={onClose} />;
}

/** The styles that notes are set in. */
export function LetterStyles({ onClose }: { readonly onClose: () => void }) {
  return <Styles kind="letterStyle" title="Styles of letters in notes" onClose={onClose} />;
}

function stylesOf(state: Elements, kind: Kind): Style[] {
  return (elementsOf(state, kind) as Style[]).toSorted((a, b) => a.name.localeCompare(b.name));
}

function Styles(props: { readonly kind: Kind; readonly title: string; readonly onClose: () => void }) {
  const elements = useBoard((s) => s.elements);
  const all = stylesOf({ elements }, props.kind);
  const [chosen, setChosen] = useState(all[0]?.id);
  const style = all.find((s) => s.id === chosen) ?? all[0];
  return (
    <Panel title={props.title} size="w-180" onClose={props.onClose}>
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
  readonly style: Style;
  readonly onAdded: (id: string) => void;
}

function OneStyle({ style, onAdded }: OneProps) {
  const { sync } = useBoardTools();
  const used = useBoard((s) => usesOf(s, style));
  const refused = useBoard((s) => s.saying);
  const revise = (part: Partial<StringStyle> | Partial<LetterStyle>) =>
    void sync.revise({ ...style, ...part } as Style);
  const copy = async () => {
    const known = stylesOf(sync.state, style.type);
    const name = freeCopyName(style.name, known);
    if (!(await sync.edit(addingStyle(style.id, name)))) return;
    const made = stylesOf(sync.state, style.type).find((s) => !known.includes(s) && s.name === name);
    if (made) onAdded(made.id);
  };
  return (
    <div className="min-w-0 grow">
      <Row label="Name">
        <Accepted value={style.name} onAccept={(name) => revise({ name })} />
      </Row>
      {style.type === "stringStyle" ? (
        <>
          <LineFields style={style} revise={revise} />
          <FigureFields style={style} revise={revise} />
        </>
      ) : (
        <LetterStyleFields style={style} revise={revise} />
      )}
      <p className="py-1 text-ink-2">{used}</p>
      {refused && <p className="text-oxide">{refused}</p>}
      <div className="flex gap-2 pt-1">
        <Button onClick={() => void copy()}>Copy it</Button>
        <Button onClick={() => void sync.edit(erasure([style.id]))}>Delete it</Button>
      </div>
    </div>
  );
}

/** What would look otherwise. */
function usesOf(state: Elements, { type, id }: Style): string {
  if (type === "letterStyle") {
    const notes = elementsOf(state, "note").filter((n) => n.style === id).length;
    return notes === 0 ? "Not used yet." : `${notes === 1 ? "One note is" : `${notes} notes are`} set in it.`;
  }
  const lenses = elementsOf(state, "lens").filter((l) => l.strings === id);
  const strings = elementsOf(state, "dimensionString").filter(
    (s) => s.styled.type === "inStyle" && s.styled.style === id,
  );
  const through = lenses.length > 0 ? `Asked for by ${lenses.map((l) => l.name).join(", ")}` : "";
  const own =
    strings.length > 0
      ? `the own style of ${strings.length === 1 ? "one string" : `${strings.length} strings`}`
      : "";
  return [through, own].filter(Boolean).join("; ") || "Not used yet.";
}
