import type { AreaAnswer, Room } from "../../api/types";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { Accepted } from "../fields/Accepted";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import { useBoard, useBoardTools } from "../state/context";
import { layerOf } from "../state/layers";
import { interior, numbering } from "../state/revisions";
import { buildUpsFor, elementOf, type Making, planShown } from "../state/state";
import { roomNames } from "../state/usual";
import { ItsDrawing } from "./ItsDrawing";
import { WordsPlace } from "./WordsPlace";

interface NewProps {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

/** The uses of rooms with the words of the trade region. */
function useNames() {
  const offered = useBoard((s) => s.offered);
  return roomNames({ offered });
}

/** What the next room will be, and all areas of the storey. */
export function NewRoom({ making, set }: NewProps) {
  const { room } = making;
  const uses = useNames();
  const change = (part: Partial<Making["room"]>) => set({ room: { ...room, ...part } });
  const text = (label: string, field: "name" | "floor" | "walls" | "ceiling", hint = "") => (
    <Row label={label}>
      <input
        className={`${fieldClass} w-40`}
        placeholder={hint}
        value={room[field]}
        onChange={(e) => change({ [field]: e.target.value })}
      />
    </Row>
  );
  return (
    <Section title="New room" words="click inside a closed area">
      <Row label="Use">
        <Choice value={room.use} options={uses} onChange={(use) => change({ use })} />
      </Row>
      {text("Name", "name", uses.find(([u]) => u === room.use)?.[1])}
      {text("Floor", "floor")}
      {text("Walls", "walls")}
      {text("Ceiling", "ceiling")}
      <AreaList />
    </Section>
  );
}

/** The closed areas of the storey with their sums. */
function AreaList() {
  const { sync, actions } = useBoardTools();
  const areas = useBoard((s) => s.areas);
  const elements = useBoard((s) => s.elements);
  const storey = useBoard((s) => planShown(s)?.storey);
  const layer = useBoard((s) => layerOf(s, "room"));
  if (!areas || !storey) return null;
  const nameOf = (area: AreaAnswer) => {
    const room = elementOf({ elements }, "room", area.room ?? undefined);
    return room ? `${room.number} ${room.name}` : "no name";
  };
  const byNumber = [...areas.areas].sort((a, b) =>
    nameOf(a).localeCompare(nameOf(b), "en", { numeric: true }),
  );
  return (
    <div className="mt-3 border-rule border-t pt-2">
      <ul aria-label="Areas of this storey">
        {byNumber.map((area) => (
          <li key={`${area.at}`} className="flex items-baseline justify-between gap-2 py-0.5">
            <button
              type="button"
              disabled={area.room === null}
              className="truncate text-left enabled:hover:text-verdigris disabled:text-ochre"
              onClick={() => {
                actions.choose("select");
                actions.selection.selectJust([area.room ?? ""]);
              }}
            >
              {nameOf(area)}
            </button>
            <span className="shrink-0 font-drawing">{area.net}</span>
          </li>
        ))}
      </ul>
      <dl className="mt-1 border-rule border-t pt-1">
        <Fact label="All, net" value={areas.net} />
        <Fact label="All, to structure" value={areas.toStructure} />
        <Fact label="To outer faces" value={areas.outline} />
      </dl>
      <Button
        className="mt-2"
        title="Halls first, then clockwise from the entrance; areas without a name become rooms"
        onClick={() => void sync.edit(numbering(storey, layer))}
      >
        Number all anew
      </Button>
    </div>
  );
}

function Fact({ label, value }: { readonly label: string; readonly value: string }) {
  return (
    <div className="flex justify-between gap-2 py-0.5">
      <dt className="text-ink-2">{label}</dt>
      <dd className="font-drawing">{value}</dd>
    </div>
  );
}

/** The facts of a selected room. */
export function RoomFacts({ room }: { readonly room: Room }) {
  const uses = useNames();
  const { sync } = useBoardTools();
  const area = useBoard((s) => s.areas?.areas.find((a) => a.room === room.id));
  const ceilingMm = useBoard((s) => s.storeys.find((a) => a.id === room.storey)?.ceilingMm ?? 0);
  const revise = (change: Partial<Room>) => void sync.revise({ ...room, ...change, type: "room" });
  const { finishes, ceiling } = room;
  const finish = (label: string, field: "floor" | "walls" | "ceiling") => (
    <Row label={label}>
      <Accepted
        value={finishes[field]}
        onAccept={(words) => revise({ finishes: { ...finishes, [field]: words } })}
      />
    </Row>
  );
  return (
    <>
      <Row label="Number">
        <Accepted value={room.number} onAccept={(number) => revise({ number })} />
      </Row>
      <Row label="Name">
        <Accepted value={room.name} onAccept={(name) => revise({ name })} />
      </Row>
      <Row label="Use">
        <Choice value={room.use} options={uses} onChange={(use) => revise({ use })} />
      </Row>
      {finish("Floor", "floor")}
      {finish("Walls", "walls")}
      {room.use === "COURT" ? (
        <p className="py-1 text-ink-2">Open to the sky: floors, ceilings and roofs leave it out.</p>
      ) : (
        <>
          {finish("Ceiling", "ceiling")}
          <LengthField
            label="Ceiling height"
            mm={ceiling.type === "fixed" ? ceiling.mm : ceilingMm}
            onChange={(mm) => revise({ ceiling: { type: "fixed", mm } })}
          />
          {ceiling.type === "fixed" && (
            <Button className="my-1" onClick={() => revise({ ceiling: { type: "underStoreyAbove" } })}>
              As high as the storey
            </Button>
          )}
          <Above room={room} revise={revise} />
        </>
      )}
      <WordsPlace what="Its label" words={room.words} onChange={(words) => revise({ words })} />
      <ItsDrawing
        of={room.id}
        draw="Draw its walls from inside"
        open="Open the drawing of its walls"
        edit={(state) => interior(state, room.id)}
      />
      {area ? (
        <Measures area={area} open={room.use === "COURT"} />
      ) : (
        <p className="py-1 text-oxide">Nothing closes round it.</p>
      )}
    </>
  );
}

interface AboveProps {
  readonly room: Room;
  readonly revise: (change: Partial<Room>) => void;
}

const ABOVE = [
  ["whatStands", "What is over it"],
  ["levelCeiling", "Its own, level"],
  ["vaultedCeiling", "Its own, vaulted"],
  ["slopedCeiling", "Its own, one slope"],
] as const;

const QUARTER = Math.PI / 2;

/** What closes a room above: a ceiling of its own lies or springs at the height of its ceiling. */
function Above({ room: { above }, revise }: AboveProps) {
  const elements = useBoard((s) => s.elements);
  const usual = useBoard((s) => s.making.roof);
  const ceilings = buildUpsFor({ elements }, "CEILING");
  const buildUp = above.type === "whatStands" ? ceilings.at(-1)?.id : above.buildUp;
  const choose = (type: Room["above"]["type"]) => {
    if (type === "whatStands") revise({ above: { type } });
    else if (buildUp && type === "levelCeiling") revise({ above: { type, buildUp } });
    else if (buildUp && type === "vaultedCeiling")
      revise({ above: { type, buildUp, pitch: usual.pitch, ridge: 0 } });
    else if (buildUp && type === "slopedCeiling")
      revise({ above: { type, buildUp, pitch: usual.pitch, up: QUARTER } });
  };
  return (
    <>
      <Row label="Closed above by">
        <Choice value={above.type} options={ABOVE} onChange={choose} />
      </Row>
      {above.type !== "whatStands" && (
        <Row label="Build-up of that">
          <Choice
            value={above.buildUp}
            options={ceilings.map((b) => [b.id, `${b.mark}  ${b.name}`] as const)}
            onChange={(of) => revise({ above: { ...above, buildUp: of } })}
          />
        </Row>
      )}
      {above.type === "vaultedCeiling" && (
        <>
          <PitchField
            label="Pitch of the vault"
            pitch={above.pitch}
            onChange={(pitch) => revise({ above: { ...above, pitch } })}
          />
          <Button
            className="my-1"
            onClick={() => revise({ above: { ...above, ridge: (above.ridge + QUARTER) % Math.PI } })}
          >
            Turn its ridge by a quarter
          </Button>
        </>
      )}
      {above.type === "slopedCeiling" && (
        <>
          <PitchField
            label="Pitch of the ceiling"
            pitch={above.pitch}
            onChange={(pitch) => revise({ above: { ...above, pitch } })}
          />
          <Button
            className="my-1"
            onClick={() => revise({ above: { ...above, up: (above.up + QUARTER) % (4 * QUARTER) } })}
          >
            Turn the way it rises by a quarter
          </Button>
        </>
      )}
    </>
  );
}

/** @param open to the sky: it has no volume */
function Measures({ area, open }: { readonly area: AreaAnswer; readonly open: boolean }) {
  const [finish, structure, middle] = area.sizes;
  return (
    <dl className="mt-2 border-rule border-t pt-2">
      <Fact label="Area, net" value={area.net} />
      <Fact label="Area, to structure" value={area.toStructure} />
      <Fact label="Perimeter" value={area.perimeter} />
      {!open && <Fact label="Volume" value={area.volume} />}
      {area.heights.map((h) => (
        <Fact key={h.name} label={h.name} value={h.value} />
      ))}
      <Fact label="Size, finished faces" value={finish ?? ""} />
      <Fact label="Size, structure" value={structure ?? ""} />
      <Fact label="Size, middles" value={middle ?? ""} />
    </dl>
  );
}
