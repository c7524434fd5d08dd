import type { PieceMake, Placing, Post, WallPiece } from "../../api/types";
import { PlyTable } from "../buildups/PlyTable";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";
import { MassFields } from "./MassFields";

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

/** The facts of a selected post. */
export function PostFacts({ post }: { readonly post: Post }) {
  const { sync } = useBoardTools();
  return <PostFields post={post} onChange={(changed) => void sync.revise({ ...changed, type: "post" })} />;
}
