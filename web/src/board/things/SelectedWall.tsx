import type { Wall } from "../../api/types";
import { Button } from "../../ui/controls";
import { LengthText } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { rakingUnderStair } from "../state/revisions";
import { elementsOf, measuredLine } from "../state/state";
import { GapFacts } from "./GapFacts";
import { RiseFields } from "./RiseFields";
import { WallBend } from "./WallBend";
import { WallEnds } from "./WallEnds";
import { WallFields } from "./WallFields";

/** The facts of one wall: its gaps, what it is made of, how high it is, how it ends. */
export function SelectedWall({ wall }: { readonly wall: Wall }) {
  const { sync } = useBoardTools();
  const stairs = useBoard((s) => elementsOf(s, "stair").some((stair) => stair.storey === wall.storey));
  return (
    <>
      <GapFacts />
      <WallFields
        facts={wall}
        onRemake={(buildUp) => void sync.remake([wall.id], buildUp, null)}
        onChange={(changed) => void sync.revise({ ...changed, type: "wall" })}
      />
      <RiseFields facts={wall} onChange={(changed) => void sync.revise({ ...changed, type: "wall" })} />
      {stairs && (
        <Button className="mt-1" onClick={() => void sync.edit(rakingUnderStair(wall.id))}>
          Rake under the stair
        </Button>
      )}
      <WallBend wall={wall} />
      <WallEnds wall={wall} />
    </>
  );
}

/** How long a wall is. */
export function WallLength({ wall }: { readonly wall: Wall }) {
  const length = useBoard((s) =>
    measuredLine(s, wall.id).reduce(
      (sum, c) => sum + Math.hypot(c.to[0] - c.from[0], c.to[1] - c.from[1]),
      0,
    ),
  );
  return (
    <>
      <LengthText mm={length} /> along its set-out line
    </>
  );
}
