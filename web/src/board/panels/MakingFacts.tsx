import { Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../context";
import type { DoorKind, Making } from "../state";
import { LengthField } from "./LengthField";
import { NewWalls, Rearranging } from "./NewWalls";
import { LeafPart, Lights, Lined, OpensField, Panels } from "./OpeningKindFields";
import { NewPiece, PostFields } from "./PieceFacts";

/** What the active tool will make. */
export function MakingFacts() {
  const { store, actions } = useBoardTools();
  const tool = useBoard((s) => s.tool.name);
  const making = useBoard((s) => s.making);
  const set = (change: Partial<Making>) => {
    store.setState({ making: { ...making, ...change } });
    actions.aim();
  };
  switch (tool) {
    case "run":
    case "rectangle":
    case "beside":
      return <NewWalls tool={tool} making={making} set={set} />;
    case "copy":
    case "turn":
    case "mirror":
      return <Rearranging tool={tool} making={making} set={set} />;
    case "piece":
      return (
        <Section title="On a wall" words="on the face beside the pointer">
          <NewPiece making={making} set={set} />
        </Section>
      );
    case "post":
      return (
        <Section title="New post" words="from floor to head">
          <PostFields post={making.post} onChange={(post) => set({ post })} />
        </Section>
      );
    case "door":
      return (
        <Section title="New door" words="sizes of the structural opening">
          <Row label="Kind">
            <Choice
              value={making.door.kind}
              options={DOORS}
              onChange={(kind) =>
                set({ door: { ...making.door, kind, widthMm: USUAL_WIDTHS[kind] ?? making.door.widthMm } })
              }
            />
          </Row>
          <DoorFields making={making} set={set} />
          <LengthField
            label="Width"
            mm={making.door.widthMm}
            onChange={(widthMm) => set({ door: { ...making.door, widthMm } })}
          />
          <LengthField
            label="Height"
            mm={making.door.heightMm}
            onChange={(heightMm) => set({ door: { ...making.door, heightMm } })}
          />
        </Section>
      );
    case "window":
      return <NewWindow making={making} set={set} />;
    case "note":
      return (
        <Section title="New note" words="Words on this drawing">
          <Row label="Kind">
            <Choice
              value={making.note}
              options={[
                ["NAME", "Name of a room"],
                ["NOTE", "Note"],
              ]}
              onChange={(note) => set({ note })}
            />
          </Row>
        </Section>
      );
    default:
      return null;
  }
}

const DOORS: readonly (readonly [DoorKind, string])[] = [
  ["swingDoor", "Side hung"],
  ["pairDoor", "Pair of leaves"],
  ["pocketDoor", "Sliding, in a pocket"],
  ["slidingDoor", "Sliding, before the wall"],
  ["foldingDoor", "Folding"],
  ["liftingDoor", "Lifting, as to a garage"],
  ["openWay", "Open way"],
];

/** Millimetres of structural opening that kinds usually start with. */
const USUAL_WIDTHS: Partial<Record<DoorKind, number>> = {
  swingDoor: 910,
  pairDoor: 1500,
  pocketDoor: 910,
  slidingDoor: 910,
  foldingDoor: 1800,
  liftingDoor: 2440,
  openWay: 1200,
};

interface DoorProps {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

/** What the kind of door to place asks for besides its size. */
function DoorFields({ making: { door }, set }: DoorProps) {
  switch (door.kind) {
    case "pairDoor":
      return <LeafPart value={door.part} onChange={(part) => set({ door: { ...door, part } })} />;
    case "foldingDoor":
      return <Panels value={door.panels} onChange={(panels) => set({ door: { ...door, panels } })} />;
    case "openWay":
      return <Lined value={door.lined} onChange={(lined) => set({ door: { ...door, lined } })} />;
    default:
      return null;
  }
}

function NewWindow({
  making,
  set,
}: {
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}) {
  const w = making.window;
  const change = (part: Partial<Making["window"]>) => set({ window: { ...w, ...part } });
  return (
    <Section title="New window" words="sizes of the structural opening">
      <LengthField label="Width" mm={w.widthMm} onChange={(widthMm) => change({ widthMm })} />
      <LengthField label="Height" mm={w.heightMm} onChange={(heightMm) => change({ heightMm })} />
      <LengthField label="Sill" mm={w.sillMm} onChange={(sillMm) => change({ sillMm })} />
      <Lights value={w.lights} onChange={(lights) => change({ lights })} />
      <OpensField value={w.opens} onChange={(opens) => change({ opens })} />
      <LengthField label="Frame set back" mm={w.setbackMm} onChange={(setbackMm) => change({ setbackMm })} />
    </Section>
  );
}

interface SectionProps {
  readonly title: string;
  readonly words: React.ReactNode;
  readonly children: React.ReactNode;
}

export function Section({ title, words, children }: SectionProps) {
  return (
    <section>
      <h2 className="font-semibold text-[15px]">{title}</h2>
      <p className="mb-2 text-ink-2">{words}</p>
      {children}
    </section>
  );
}
