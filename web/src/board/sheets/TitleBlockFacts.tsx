import { useState } from "react";
import type { ElementOf } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { Accepted } from "../fields/Accepted";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { addingTitleBlock, erasure } from "../state/revisions";
import { elementOf, elementsOf } from "../state/state";
import { freeCopyName } from "../state/stock";
import type { BlockPart, TitleBlock } from "./blockParts";
import { TitleBlockPart } from "./TitleBlockPart";

const PLACES = [
  ["CORNER", "In the lower right corner"],
  ["RIGHT_EDGE", "Down the right edge"],
  ["FOOT", "Along the foot"],
] as const;

/** The title block of a project's sheets: which layout, what its own fields say, and the layout itself part by part. */
export function TitleBlockFacts() {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const settings = elementOf({ elements }, "settings", "settings");
  const blocks = elementsOf({ elements }, "titleBlock").toSorted((a, b) => a.name.localeCompare(b.name));
  const block = blocks.find((b) => b.id === settings?.titleBlock);
  const [open, setOpen] = useState(false);
  if (!settings || !block) return null;
  return (
    <div className="mt-3 border-rule border-t pt-3">
      <Section title="Title block" words="of all sheets">
        <Row label="Layout">
          <Choice
            value={block.id}
            options={blocks.map((b) => [b.id, b.name] as const)}
            onChange={(titleBlock) => void sync.revise({ ...settings, titleBlock, type: "settings" })}
          />
        </Row>
        <OwnFields settings={settings} />
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Done with the layout" : "Change the layout"}
        </Button>
        {open && <Layout key={block.id} block={block} settings={settings} />}
      </Section>
    </div>
  );
}

interface OwnFieldsProps {
  readonly settings: ElementOf<"settings">;
}

/** What the title block tells that the program does not know by itself. */
function OwnFields({ settings }: OwnFieldsProps) {
  const { sync } = useBoardTools();
  const fields = settings.ownFields;
  const revise = (ownFields: typeof fields) =>
    void sync.revise({ ...settings, ownFields: [...ownFields], type: "settings" });
  return (
    <>
      {fields.map((f) => (
        <div key={f.name} className="flex items-center gap-1">
          <div className="min-w-0 grow">
            <Row label={f.name}>
              <Accepted
                value={f.value}
                onAccept={(value) => revise(fields.map((o) => (o === f ? { ...f, value } : o)))}
              />
            </Row>
          </div>
          <Button
            aria-label={`Without the field ${f.name}`}
            title="Without this field"
            onClick={() => revise(fields.filter((o) => o !== f))}
          >
            ×
          </Button>
        </div>
      ))}
      <Row label="One more field, called">
        <Accepted value="" onAccept={(name) => name.trim() && revise([...fields, { name, value: "" }])} />
      </Row>
    </>
  );
}

interface LayoutProps extends OwnFieldsProps {
  readonly block: TitleBlock;
}

function Layout({ block, settings }: LayoutProps) {
  const { store, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const layOut = (at: number | null) =>
    store.setState({ tool: { name: "blockPart", part: at, from: null }, selection: [] });
  const [listed, setChosen] = useState(0);
  /** The one taken up on the sheet, while it is laid out there. */
  const inHand = useBoard((s) => (s.tool.name === "blockPart" ? s.tool.part : null));
  const chosen = inHand ?? listed;
  const part = block.parts[chosen];
  const others = elementsOf({ elements }, "titleBlock").filter((b) => b.id !== block.id);
  const revise = (change: Partial<TitleBlock>) =>
    void sync.revise({ ...block, ...change, type: "titleBlock" });
  const put = (parts: readonly BlockPart[]) => revise({ parts: [...parts] });
  const add = () => {
    put([...block.parts, FRESH]);
    setChosen(block.parts.length);
  };
  const copy = async () => {
    const known = new Set(elementsOf(sync.state, "titleBlock").map((b) => b.id));
    const name = freeCopyName(block.name, elementsOf(sync.state, "titleBlock"));
    if (!(await sync.edit(addingTitleBlock(block.id, name)))) return;
    const made = elementsOf(sync.state, "titleBlock").find((b) => !known.has(b.id));
    if (made) await sync.revise({ ...settings, titleBlock: made.id, type: "settings" });
  };
  const gone = async () => {
    const instead = others[0];
    if (!instead) return;
    if (await sync.revise({ ...settings, titleBlock: instead.id, type: "settings" }))
      await sync.edit(erasure([block.id]));
  };
  return (
    <div className="mt-2 border-rule border-t pt-2">
      <Row label="Name">
        <Accepted value={block.name} onAccept={(name) => revise({ name })} />
      </Row>
      <Row label="Lies">
        <Choice value={block.place} options={PLACES} onChange={(place) => revise({ place })} />
      </Row>
      <LengthField label="Width" mm={block.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <LengthField label="Height" mm={block.heightMm} onChange={(heightMm) => revise({ heightMm })} />
      <Mark
        words="Zones in the margin"
        on={block.margin.zones}
        onChange={(zones) => revise({ margin: { ...block.margin, zones } })}
      />
      <Mark
        words="Marks where sheets are folded to A4"
        on={block.margin.folds}
        onChange={(folds) => revise({ margin: { ...block.margin, folds } })}
      />
      <Button className="my-1" onClick={() => layOut(null)}>
        Lay its parts out on the sheet
      </Button>
      <Row label="Part">
        <Choice
          value={String(chosen)}
          options={block.parts.map((p, i) => [String(i), partName(p, i)] as const)}
          onChange={(i) => {
            setChosen(Number(i));
            if (inHand !== null) layOut(Number(i));
          }}
        />
      </Row>
      {part && (
        <TitleBlockPart
          key={chosen}
          part={part}
          strip={block.place}
          onChange={(next) => put(block.parts.map((p, i) => (i === chosen ? next : p)))}
        />
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={add}>Add a part</Button>
        {part && (
          <Button
            onClick={() => {
              put(block.parts.filter((_, i) => i !== chosen));
              setChosen(0);
            }}
          >
            Take this part out
          </Button>
        )}
        <Button onClick={() => void copy()}>Copy the layout</Button>
        {others.length > 0 && <Button onClick={() => void gone()}>Delete the layout</Button>}
      </div>
    </div>
  );
}

interface MarkProps {
  readonly words: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

/** Something in the margin of all sheets, or not. */
function Mark({ words, on, onChange }: MarkProps) {
  return (
    <label className="flex items-center gap-1.5 py-1">
      <input type="checkbox" checked={on} onChange={(e) => onChange(e.target.checked)} />
      {words}
    </label>
  );
}

const FRESH: BlockPart = {
  x: 0,
  y: 0,
  widthMm: 40,
  heightMm: 14,
  far: false,
  framed: true,
  content: { type: "words", label: "", text: "Words", letterMm: 3.5, strong: false },
};

function partName({ content }: BlockPart, index: number): string {
  const said =
    content.type === "words"
      ? content.label || content.text.split("\n")[0] || "empty"
      : content.type === "issues"
        ? "table of issues"
        : content.type === "image"
          ? "picture"
          : "symbol";
  return `${index + 1}: ${said}`;
}
