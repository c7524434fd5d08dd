import type { Pitch, Roof, RoofAlong, RoofEdge, RoofEdgeAnswer } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import { useBoard, useBoardTools } from "../state/context";
import type { Making } from "../state/state";

type Rises = RoofEdge["rises"];

const KINDS: readonly (readonly [Rises["type"], string])[] = [
  ["eaves", "Eaves"],
  ["verge", "Verge (gable)"],
  ["halfHip", "Half hip"],
  ["gablet", "Hip with a gablet"],
  ["broken", "Two slopes"],
  ["against", "Against a wall"],
  ["parapet", "Parapet"],
];

/** How steep the first slope of an edge is; of another where it has none. */
export function pitchOf({ rises }: RoofEdge, otherwise: Pitch): Pitch {
  if (rises.type === "eaves" || rises.type === "halfHip" || rises.type === "gablet") return rises.pitch;
  if (rises.type === "parapet") return rises.fall.type === "fallsToIt" ? rises.fall.pitch : otherwise;
  return rises.type === "broken" ? rises.lower : otherwise;
}

interface FieldsProps {
  readonly edge: RoofEdge;
  /** What it is to be where it says nothing of its own. */
  readonly pitch: Pitch;
  readonly vergeMm: number;
  readonly eavesMm: number;
  readonly parapet: Making["roof"]["parapet"];
  readonly onChange: (edge: RoofEdge) => void;
}

/** What one edge of a roof is. */
export function EdgeFields({ edge, pitch, vergeMm, eavesMm, parapet, onChange }: FieldsProps) {
  const { rises } = edge;
  const rising = (next: Rises) => onChange({ ...edge, rises: next });
  const own = pitchOf(edge, pitch);
  const become = (kind: Rises["type"]) => {
    if (kind === "eaves") onChange({ ...edge, rises: { type: kind, pitch: own }, overhangMm: eavesMm });
    else if (kind === "verge") onChange({ ...edge, rises: { type: kind }, overhangMm: vergeMm });
    else if (kind === "against") onChange({ ...edge, rises: { type: kind }, overhangMm: 0 });
    else if (kind === "parapet") {
      const { upMm, copingMm } = parapet;
      onChange({
        ...edge,
        rises: { type: kind, upMm, copingMm, fall: { type: "fallsElsewhere" } },
        overhangMm: 0,
      });
    } else if (kind === "halfHip")
      onChange({ ...edge, rises: { type: kind, uprightMm: 1500, pitch: own }, overhangMm: vergeMm });
    else if (kind === "gablet")
      onChange({ ...edge, rises: { type: kind, pitch: own, uprightMm: 1500 }, overhangMm: eavesMm });
    else {
      const lower: Pitch = { said: "DEGREES", value: 70 };
      onChange({ ...edge, rises: { type: kind, lower, breakMm: 2100, upper: own }, overhangMm: eavesMm });
    }
  };
  return (
    <>
      <Row label="It is">
        <Choice value={rises.type} options={KINDS} onChange={become} />
      </Row>
      {rises.type === "eaves" && (
        <PitchField label="Pitch" pitch={rises.pitch} onChange={(p) => rising({ ...rises, pitch: p })} />
      )}
      {rises.type === "halfHip" && (
        <>
          <LengthField
            label="Gable above the plate"
            mm={rises.uprightMm}
            onChange={(uprightMm) => rising({ ...rises, uprightMm })}
          />
          <PitchField label="Pitch" pitch={rises.pitch} onChange={(p) => rising({ ...rises, pitch: p })} />
        </>
      )}
      {rises.type === "gablet" && (
        <>
          <PitchField label="Pitch" pitch={rises.pitch} onChange={(p) => rising({ ...rises, pitch: p })} />
          <LengthField
            label="Gablet from, above the plate"
            mm={rises.uprightMm}
            onChange={(uprightMm) => rising({ ...rises, uprightMm })}
          />
        </>
      )}
      {rises.type === "broken" && (
        <>
          <PitchField
            label="Lower pitch"
            pitch={rises.lower}
            onChange={(p) => rising({ ...rises, lower: p })}
          />
          <LengthField
            label="Break above the plate"
            mm={rises.breakMm}
            onChange={(breakMm) => rising({ ...rises, breakMm })}
          />
          <PitchField
            label="Upper pitch"
            pitch={rises.upper}
            onChange={(p) => rising({ ...rises, upper: p })}
          />
        </>
      )}
      {rises.type === "parapet" && (
        <>
          <LengthField
            label="Wall above the plate"
            mm={rises.upMm}
            onChange={(upMm) => rising({ ...rises, upMm })}
          />
          <LengthField
            label="Coping, thick"
            mm={rises.copingMm}
            onChange={(copingMm) => rising({ ...rises, copingMm })}
          />
          <Row label="The roof">
            <Choice
              value={rises.fall.type}
              options={[
                ["fallsElsewhere", "Falls elsewhere"],
                ["fallsToIt", "Falls to it"],
              ]}
              onChange={(type) =>
                rising({ ...rises, fall: type === "fallsToIt" ? { type, pitch: parapet.fall } : { type } })
              }
            />
          </Row>
          {rises.fall.type === "fallsToIt" && (
            <PitchField
              label="Pitch"
              pitch={rises.fall.pitch}
              onChange={(pitch) => rising({ ...rises, fall: { type: "fallsToIt", pitch } })}
            />
          )}
        </>
      )}
      {rises.type !== "against" && rises.type !== "parapet" && (
        <LengthField
          label="Overhang"
          mm={edge.overhangMm}
          onChange={(overhangMm) => onChange({ ...edge, overhangMm })}
        />
      )}
      <LengthField
        label="Its plate raised by"
        mm={edge.raisedMm}
        onChange={(raisedMm) => onChange({ ...edge, raisedMm })}
      />
    </>
  );
}

/** The same edge in what a roof says of single ones. */
function isSame(a: RoofAlong, b: RoofAlong): boolean {
  if (a.type === "onWall") return b.type === "onWall" && a.wall === b.wall;
  return b.type === "onSide" && a.index === b.index;
}

/** The edges of a roof one by one; the one that is open is marked on the board. */
export function RoofEdges({
  roof,
  edges,
}: {
  readonly roof: Roof;
  readonly edges: readonly RoofEdgeAnswer[];
}) {
  const { sync, store } = useBoardTools();
  const open = useBoard((s) => s.roofEdge);
  const making = useBoard((s) => s.making.roof);
  const usual = pitchOf(roof.usual, making.pitch);
  const change = (all: readonly RoofAlong[], edge: RoofEdge | null) => {
    const others = roof.own.filter((o) => !all.some((along) => isSame(o.along, along)));
    const own = edge === null ? others : [...others, ...all.map((along) => ({ along, edge }))];
    void sync.revise({ ...roof, own, type: "roof" });
  };
  return (
    <ul className="my-2 border-rule border-t" aria-label="Edges of the roof">
      {edges.map((e, i) => {
        const isOwn = roof.own.some((o) => e.along.some((along) => isSame(o.along, along)));
        return (
          <li key={JSON.stringify(e.along)} className="border-rule border-b">
            <button
              type="button"
              aria-expanded={open === i}
              className={`flex w-full justify-between gap-2 rounded px-1 py-1 text-left ${open === i ? "bg-lime-2" : "hover:bg-lime-2"}`}
              onClick={() => store.setState({ roofEdge: open === i ? null : i })}
            >
              <span>
                {e.over === "" ? `Side ${i + 1}` : `Over ${e.over}`}, {e.words}
              </span>
              <span className="font-drawing text-ink-2">{e.length}</span>
            </button>
            {open === i && (
              <div className="pb-2 pl-2">
                <EdgeFields
                  edge={e.edge}
                  pitch={usual}
                  vergeMm={making.vergeMm}
                  parapet={making.parapet}
                  eavesMm={roof.usual.rises.type === "eaves" ? roof.usual.overhangMm : making.overhangMm}
                  onChange={(edge) => change(e.along, edge)}
                />
                {isOwn && (
                  <button
                    type="button"
                    className="text-verdigris underline hover:text-ink"
                    onClick={() => change(e.along, null)}
                  >
                    As the others
                  </button>
                )}
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}
