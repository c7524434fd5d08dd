import { useState } from "react";
import type { WorkState } from "../../api/types";
import { Checks } from "../../ui/Checks";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { Accepted } from "../fields/Accepted";
import { Figure } from "../fields/Figure";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { changing, drawingsThrough, type Lens } from "../state/lenses";
import { addingLens, withoutLens } from "../state/revisions";
import { elementsOf } from "../state/state";
import { freeCopyName } from "../state/stock";
import type { Chosen } from "./LensDialog";
import {
  BEHIND,
  COLOURS,
  FILLS,
  LETTERS,
  LOOKS,
  MARKS,
  MEASURED,
  OPENING_LINES,
  PARTS,
  ROOFS,
  STATES,
  SYMBOLS,
} from "./words";

interface Props {
  readonly lens: Lens;
  readonly onChoose: (chosen: Chosen | null) => void;
}

/** What a lens makes of the model besides its layers. */
export function LensFacts({ lens, onChoose }: Props) {
  const { sync } = useBoardTools();
  const words = useBoard((s) => changing(s, lens.id));
  const elements = useBoard((s) => s.elements);
  const styles = elementsOf({ elements }, "stringStyle");
  const revise = (change: Partial<Lens>) => void sync.revise({ ...lens, ...change, type: "lens" });
  const look = (state: WorkState, as: Lens["states"][WorkState]) =>
    revise({ states: { ...lens.states, [state]: as } });
  return (
    <div className="mt-3 border-rule border-t pt-3">
      <Section title={`Lens ${lens.name}`} words={words}>
        <div className="grid grid-cols-3 gap-x-8">
          <Row label="Name">
            <Accepted value={lens.name} onAccept={(name) => revise({ name })} />
          </Row>
          <Row label="Walls are filled with">
            <Choice value={lens.fill} options={FILLS} onChange={(fill) => revise({ fill })} />
          </Row>
          <Row label="Openings show">
            <Choice value={lens.symbol} options={SYMBOLS} onChange={(symbol) => revise({ symbol })} />
          </Row>
          {STATES.map(([state, name]) => (
            <Row key={state} label={name}>
              <Choice
                value={lens.states[state] ?? "FULL"}
                options={LOOKS}
                onChange={(as) => look(state, as)}
              />
            </Row>
          ))}
          <Plies lens={lens} revise={revise} />
          <Row label="Strings measure">
            <Choice value={lens.openings} options={MEASURED} onChange={(openings) => revise({ openings })} />
          </Row>
          <Row label="Style of strings">
            <Choice
              value={lens.strings}
              options={styles.map((s) => [s.id, s.name] as const)}
              onChange={(strings) => revise({ strings })}
            />
          </Row>
          <Row label="Roofs in plans">
            <Choice value={lens.roofs} options={ROOFS} onChange={(roofs) => revise({ roofs })} />
          </Row>
          <Row label="Lines over leaves">
            <Choice
              value={lens.openingLines}
              options={OPENING_LINES}
              onChange={(openingLines) => revise({ openingLines })}
            />
          </Row>
          <LengthField
            label="Thinner lines from, behind the nearest"
            mm={lens.distantFromMm}
            onChange={(distantFromMm) => revise({ distantFromMm })}
          />
          <Row label="Inks of layers">
            <Choice value={lens.colours} options={COLOURS} onChange={(colours) => revise({ colours })} />
          </Row>
          <Row label="Behind plans">
            <Choice
              value={lens.backdrop.what}
              options={BEHIND}
              onChange={(what) => revise({ backdrop: { ...lens.backdrop, what } })}
            />
          </Row>
          {LETTERS.map(([part, words]) => (
            <Figure
              key={part}
              label={words}
              value={lens.letters[part]}
              onChange={(mm) => revise({ letters: { ...lens.letters, [part]: mm } })}
            />
          ))}
        </div>
        <div className="flex flex-wrap gap-x-10">
          <Checks
            words="Marks of"
            options={MARKS}
            chosen={lens.marks}
            onChange={(marks) => revise({ marks })}
          />
          <Checks
            words="Room labels say"
            options={PARTS}
            chosen={lens.roomLabels}
            onChange={(roomLabels) => revise({ roomLabels })}
          />
          <Checks
            words="And"
            options={[
              ["SPANS", "how floors span"],
              ["BEHIND", "what is behind plans on paper too"],
            ]}
            chosen={[lens.floorSpans && "SPANS", lens.backdrop.prints && "BEHIND"].filter((c) => c !== false)}
            onChange={(on) =>
              revise({
                floorSpans: on.includes("SPANS"),
                backdrop: { ...lens.backdrop, prints: on.includes("BEHIND") },
              })
            }
          />
        </div>
        <Going lens={lens} onChoose={onChoose} />
      </Section>
    </div>
  );
}

/** How much of a build-up is drawn at which scale. */
function Plies({ lens, revise }: { readonly lens: Lens; readonly revise: (change: Partial<Lens>) => void }) {
  const { detail } = lens;
  const scale = (part: keyof typeof detail, text: string) => {
    const n = Number(text.replace(/^1:/, ""));
    if (Number.isFinite(n) && n >= 0) revise({ detail: { ...detail, [part]: n } });
  };
  return (
    <>
      <Row label="All plies down to 1:">
        <Accepted value={String(detail.everythingTo)} onAccept={(text) => scale("everythingTo", text)} />
      </Row>
      <Row label="Outlines alone from 1:">
        <Accepted value={String(detail.outlineFrom)} onAccept={(text) => scale("outlineFrom", text)} />
      </Row>
    </>
  );
}

/** Copying a lens, and deleting one with what becomes of its drawings. */
function Going({ lens, onChoose }: Props) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const lenses = elementsOf({ elements }, "lens");
  const others = lenses.filter((l) => l.id !== lens.id);
  const [instead, setInstead] = useState(others[0]?.id ?? "");
  const used = drawingsThrough({ elements }, lens.id).length;
  const copy = async () => {
    const name = freeCopyName(lens.name, lenses);
    const known = new Set(lenses.map((l) => l.id));
    if (!(await sync.edit(addingLens({ ...lens, name, type: "lens" })))) return;
    const made = elementsOf(sync.state, "lens").find((l) => !known.has(l.id));
    if (made) onChoose({ kind: "lens", id: made.id });
  };
  const gone = async () => {
    if (await sync.edit(withoutLens(lens.id, instead))) onChoose(null);
  };
  return (
    <div className="mt-2 flex items-center gap-2">
      <Button onClick={() => void copy()}>Copy the lens</Button>
      {others.length > 0 && <Button onClick={() => void gone()}>Delete the lens</Button>}
      {others.length > 0 && used > 0 && (
        <>
          <span className="text-ink-2">
            {used === 1 ? "its drawing is" : `its ${used} drawings are`} seen through
          </span>
          <Choice
            label="Its drawings are seen through"
            value={instead}
            options={others.map((l) => [l.id, l.name] as const)}
            onChange={setInstead}
          />
        </>
      )}
    </div>
  );
}
