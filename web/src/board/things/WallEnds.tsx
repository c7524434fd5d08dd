import type { Corner, Meeting, Wall, WallEnd } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf, elementsOf } from "../state/state";

type Which = "start" | "end";
type OnSide = Extract<WallEnd, { type: "onSide" }>;

export const REACHES = [
  ["STRUCTURE", "Through to structure"],
  ["FACE", "At the face"],
  ["THROUGH", "Through its structure"],
] as const;

/** What a wall's ends meet, and what the drafter decides about it. */
export function WallEnds({ wall }: { readonly wall: Wall }) {
  return (
    <section aria-label="Ends" className="mt-3 border-rule border-t pt-2">
      <EndRow wall={wall} which="start" />
      <EndRow wall={wall} which="end" />
    </section>
  );
}

function EndRow({ wall, which }: { readonly wall: Wall; readonly which: Which }) {
  const elements = useBoard((s) => s.elements);
  const end = wall[which];
  if (end.type === "onSide") return <Side wall={wall} which={which} end={end} />;
  const corner = elementOf({ elements }, "corner", end.corner);
  return corner ? <AtCorner wall={wall} which={which} corner={corner} /> : null;
}

const NAMES = { start: "Start", end: "End" } as const;

function Side({ wall, which, end }: { readonly wall: Wall; readonly which: Which; readonly end: OnSide }) {
  const { sync } = useBoardTools();
  const host = useBoard((s) => elementOf(s, "wall", end.wall)?.mark);
  return (
    <Row label={`${NAMES[which]}, on ${host ?? "a wall"}`}>
      <Choice
        value={end.reach}
        options={REACHES}
        onChange={(reach) => void sync.revise({ ...wall, [which]: { ...end, reach }, type: "wall" })}
      />
    </Row>
  );
}

interface CornerProps {
  readonly wall: Wall;
  readonly which: Which;
  readonly corner: Corner;
}

function AtCorner({ wall, which, corner }: CornerProps) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const others = elementsOf({ elements }, "wall").filter((w) => w.id !== wall.id && meets(w, corner.id));
  const options: [string, string][] =
    others.length === 0
      ? [
          ["byRule", "Cut square"],
          ["returned", "Lining returns"],
        ]
      : [
          ["byRule", "By rule"],
          ["shared", "Shared"],
          ...(others.length > 1 ? [["mitred", "All cut whole"] as [string, string]] : []),
          ...[wall, ...others].map((w): [string, string] => [w.id, `${w.mark} runs through`]),
        ];
  const met = others.length === 0 ? "free" : `with ${others.map((w) => w.mark).join(", ")}`;
  return (
    <Row label={`${NAMES[which]}, ${met}`}>
      <Choice
        value={keyOf(corner.meeting)}
        options={options}
        onChange={(key) => void sync.revise({ ...corner, meeting: meetingOf(key), type: "corner" })}
      />
    </Row>
  );
}

function meets(wall: Wall, corner: string): boolean {
  return [wall.start, wall.end].some((e) => e.type === "atCorner" && e.corner === corner);
}

function keyOf(meeting: Meeting): string {
  return meeting.type === "through" ? meeting.wall : meeting.type;
}

function meetingOf(key: string): Meeting {
  if (key === "byRule" || key === "shared" || key === "mitred" || key === "returned") return { type: key };
  return { type: "through", wall: key };
}
