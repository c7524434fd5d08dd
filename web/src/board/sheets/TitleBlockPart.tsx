import { Choice, Row, Stacked } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { LengthField } from "../fields/LengthField";
import { useBoard } from "../state/context";
import { elementsOf } from "../state/state";
import type { BlockPart, TitleBlock } from "./blockParts";
import { BLANK, PictureField } from "./PictureField";

type Content = BlockPart["content"];

/** Fields that need no field of one's own. */
const FIELDS =
  "{project} {address} {client} {drawn by} {title} {sheet} {set} {place in set} {scale} {paper} {units} {printed} {issue} {issue date} {issued for}";

const KINDS = [
  ["words", "Words"],
  ["issues", "Table of issues"],
  ["logo", "A symbol of the project"],
  ["image", "A picture"],
] as const;

interface Props {
  readonly part: BlockPart;
  readonly strip: TitleBlock["place"];
  readonly onChange: (part: BlockPart) => void;
}

/** Where one box of a title block lies, and what stands in it. */
export function TitleBlockPart({ part, strip, onChange }: Props) {
  const elements = useBoard((s) => s.elements);
  const symbols = elementsOf({ elements }, "symbol").toSorted((a, b) => a.name.localeCompare(b.name));
  const revise = (change: Partial<BlockPart>) => onChange({ ...part, ...change });
  const { content } = part;
  const [fromX, fromY] = [
    part.far && strip === "FOOT" ? "From the right end" : "From the left",
    part.far && strip === "RIGHT_EDGE" ? "From the top" : "From below",
  ];
  return (
    <>
      <LengthField label={fromX} mm={part.x} onChange={(x) => revise({ x })} />
      <LengthField label={fromY} mm={part.y} onChange={(y) => revise({ y })} />
      <LengthField label="Wide" mm={part.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <LengthField label="High" mm={part.heightMm} onChange={(heightMm) => revise({ heightMm })} />
      {strip !== "CORNER" && (
        <Tick
          words={strip === "FOOT" ? "Held to the right end" : "Held to the top"}
          on={part.far}
          onChange={(far) => revise({ far })}
        />
      )}
      <Tick words="With its edges drawn" on={part.framed} onChange={(framed) => revise({ framed })} />
      <Row label="Shows">
        <Choice
          value={content.type}
          options={KINDS.filter(([kind]) => kind !== "logo" || symbols.length > 0)}
          onChange={(kind) => revise({ content: fresh(kind, symbols[0]?.id ?? "") })}
        />
      </Row>
      {content.type === "words" && (
        <>
          <Row label="Label">
            <Accepted
              value={content.label}
              onAccept={(label) => revise({ content: { ...content, label } })}
            />
          </Row>
          <Stacked label={`Words, with fields: ${FIELDS} and the project's own`}>
            <Accepted
              rows={3}
              value={content.text}
              onAccept={(text) => revise({ content: { ...content, text } })}
            />
          </Stacked>
          <LengthField
            label="Letters high"
            mm={content.letterMm}
            onChange={(letterMm) => revise({ content: { ...content, letterMm } })}
          />
          <Tick
            words="Strong"
            on={content.strong}
            onChange={(strong) => revise({ content: { ...content, strong } })}
          />
        </>
      )}
      {content.type === "issues" && (
        <Row label="Issues shown">
          <Accepted
            value={String(content.rows)}
            onAccept={(text) => {
              const rows = Number(text);
              if (Number.isInteger(rows)) revise({ content: { ...content, rows } });
            }}
          />
        </Row>
      )}
      {content.type === "image" && (
        <PictureField data={content.data} onChange={(data) => revise({ content: { ...content, data } })} />
      )}
      {content.type === "logo" && (
        <Row label="Symbol">
          <Choice
            value={content.symbol}
            options={symbols.map((s) => [s.id, s.name] as const)}
            onChange={(symbol) => revise({ content: { ...content, symbol } })}
          />
        </Row>
      )}
    </>
  );
}

function fresh(kind: Content["type"], symbol: string): Content {
  if (kind === "words") return { type: "words", label: "", text: "", letterMm: 3.5, strong: false };
  if (kind === "image") return { type: "image", data: BLANK };
  return kind === "issues" ? { type: "issues", rows: 3 } : { type: "logo", symbol };
}

interface TickProps {
  readonly words: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

function Tick({ words, on, onChange }: TickProps) {
  return (
    <label className="flex items-center gap-2 py-1">
      <input type="checkbox" checked={on} onChange={() => onChange(!on)} />
      {words}
    </label>
  );
}
