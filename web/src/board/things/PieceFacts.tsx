import type { PieceMake, Placing, Post, WallPiece } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { PlyTable } from "../buildups/PlyTable";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf, type Making } from "../state/state";
import { PIECES } from "../tools/piece";
import { MassFields, MaterialField } from "./MassFields";

interface MakingProps {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

/** What the tool for linings, piers, boxings and niches will make. */
export function NewPiece({ making, set }: MakingProps) {
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

/** Where each kind usually starts. */
const USUAL: Readonly<Record<Making["piece"]["kind"], Partial<Making["piece"]>>> = {
  lined: { depthMm: 10, material: "material-tile" },
  mass: { widthMm: 440, toHead: true },
  niche: { depthMm: 90, widthMm: 600, lowMm: 1000, heightMm: 400, toHead: false },
};

function fromStart(placing: Placing): boolean {
  return placing.type === "off" && placing.stop.type === "wallsEnd" && placing.stop.end === "START";
}

/** The facts of a selected piece. */
export function PieceFacts({ piece }: { readonly piece: WallPiece }) {
  const { sync } = useBoardTools();
  const host = useBoard((s) => elementOf(s, "wall", piece.wall)?.mark);
  const revise = (change: Partial<WallPiece>) => void sync.revise({ ...piece, ...change, type: "wallPiece" });
  const { stretch } = piece;
  return (
    <>
      <p className="mb-1 text-ink-2">
        On the {piece.side === "LEFT" ? "left" : "right"} face of {host}.
      </p>
      {stretch.type === "part" && stretch.placing.type === "off" && (
        <>
          <LengthField
            label={fromStart(stretch.placing) ? "From the wall's start" : "From the wall's end"}
            mm={stretch.placing.distanceMm}
            onChange={(distanceMm) =>
              revise({
                stretch: { ...stretch, placing: { ...stretch.placing, type: "off", distanceMm } as Placing },
              })
            }
          />
          <LengthField
            label="Width"
            mm={stretch.widthMm}
            onChange={(widthMm) => revise({ stretch: { ...stretch, widthMm } })}
          />
        </>
      )}
      <LengthField label="Foot" mm={piece.lowMm} onChange={(lowMm) => revise({ lowMm })} />
      <LengthField label="Height" mm={piece.heightMm} onChange={(heightMm) => revise({ heightMm })} />
      <MakeFields make={piece.make} onChange={(make) => revise({ make })} />
    </>
  );
}

interface MakeProps {
  readonly make: PieceMake;
  readonly onChange: (make: PieceMake) => void;
}

function MakeFields({ make, onChange }: MakeProps) {
  if (make.type === "lined")
    return <PlyTable narrow plies={make.plies} onChange={(plies) => onChange({ ...make, plies })} />;
  if (make.type === "niche")
    return (
      <LengthField label="Depth" mm={make.depthMm} onChange={(depthMm) => onChange({ ...make, depthMm })} />
    );
  return <MassFields mass={make} onChange={onChange} />;
}

/** Size and make of a post, to make or selected. */
export function PostFields<T extends Pick<Post, "widthMm" | "make">>({
  post,
  onChange,
}: {
  readonly post: T;
  readonly onChange: (post: T) => void;
}) {
  return (
    <>
      <LengthField label="Width" mm={post.widthMm} onChange={(widthMm) => onChange({ ...post, widthMm })} />
      <MassFields mass={post.make} onChange={(make) => onChange({ ...post, make })} />
    </>
  );
}
