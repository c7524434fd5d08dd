import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import type { Making } from "../state/state";
import { MassFields, MaterialField } from "../things/MassFields";
import { PostFields } from "../things/PieceFacts";
import type { MakingProps } from "../tools/ToolOf";

/** What is built against a wall, with the words for it. */
const PIECES = [
  ["lined", "Lining of its own"],
  ["mass", "Pier, breast or boxing"],
  ["niche", "Niche"],
] as const;

/** Where each kind usually starts. */
const USUAL: Readonly<Record<Making["piece"]["kind"], Partial<Making["piece"]>>> = {
  lined: { depthMm: 10 },
  mass: { widthMm: 440, toHead: true },
  niche: { depthMm: 90, widthMm: 600, lowMm: 1000, heightMm: 400, toHead: false },
};

/** What the tool for linings, piers, boxings and niches will make. */
export function PieceToMake({ making, set }: MakingProps) {
  return (
    <Section title="On a wall" words="on the face beside the pointer">
      <NewPiece making={making} set={set} />
    </Section>
  );
}

/** What the post tool will make. */
export function PostToMake({ making, set }: MakingProps) {
  return (
    <Section title="New post" words="from floor to head">
      <PostFields post={making.post} onChange={(post) => set({ post })} />
    </Section>
  );
}

function NewPiece({ making, set }: MakingProps) {
  const p = making.piece;
  const change = (part: Partial<Making["piece"]>) => set({ piece: { ...p, ...part } });
  return (
    <>
      <Row label="Kind">
        <Choice value={p.kind} options={PIECES} onChange={(kind) => change({ kind, ...USUAL[kind] })} />
      </Row>
      {p.kind === "mass" && <MassFields mass={p.mass} onChange={(mass) => change({ mass })} />}
      {p.kind === "lined" && (
        <MaterialField value={p.material} onChange={(material) => change({ material })} />
      )}
      {p.kind !== "mass" && (
        <LengthField
          label={p.kind === "lined" ? "Thickness" : "Depth"}
          mm={p.depthMm}
          onChange={(depthMm) => change({ depthMm })}
        />
      )}
      {p.kind === "lined" && (
        <Row label="Along the wall">
          <Choice
            value={p.whole ? "whole" : "part"}
            options={[
              ["whole", "The whole face"],
              ["part", "A part"],
            ]}
            onChange={(how) => change({ whole: how === "whole" })}
          />
        </Row>
      )}
      {!(p.kind === "lined" && p.whole) && (
        <LengthField label="Width" mm={p.widthMm} onChange={(widthMm) => change({ widthMm })} />
      )}
      <LengthField label="Foot" mm={p.lowMm} onChange={(lowMm) => change({ lowMm })} />
      <Row label="Up to">
        <Choice
          value={p.toHead ? "head" : "height"}
          options={[
            ["head", "The wall's head"],
            ["height", "A height"],
          ]}
          onChange={(how) => change({ toHead: how === "head" })}
        />
      </Row>
      {!p.toHead && (
        <LengthField label="Height" mm={p.heightMm} onChange={(heightMm) => change({ heightMm })} />
      )}
    </>
  );
}
