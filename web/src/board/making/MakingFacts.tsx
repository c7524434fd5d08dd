import { Choice, Row } from "../../ui/controls";
import { Storeys } from "../panels/Storeys";
import { useBoard, useBoardTools } from "../state/context";
import type { Making } from "../state/state";
import { NewFitting } from "../things/FittingFacts";
import { NewFloor, NewVoid } from "../things/FloorFacts";
import { NewPiece, PostFields } from "../things/PieceFacts";
import { NewRoom } from "../things/RoomFacts";
import { NewSection } from "../things/SectionFacts";
import { NewDoor, NewWindow } from "./NewOpening";
import { NewStair } from "./NewStair";
import { NewWalls, Rearranging } from "./NewWalls";

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
      return <NewDoor making={making} set={set} />;
    case "window":
      return <NewWindow making={making} set={set} />;
    case "storeys":
      return <Storeys />;
    case "floor":
      return <NewFloor making={making} set={set} />;
    case "void":
      return <NewVoid making={making} set={set} />;
    case "stair":
    case "well":
      return <NewStair making={making} set={set} />;
    case "section":
      return <NewSection making={making} set={set} />;
    case "room":
    case "limit":
      return <NewRoom making={making} set={set} />;
    case "fitting":
      return <NewFitting making={making} set={set} />;
    case "note":
      return (
        <Section title="New note" words="Words on this drawing">
          <Row label="Kind">
            <Choice
              value={making.note}
              options={[
                ["NAME", "Name, in strong letters"],
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
