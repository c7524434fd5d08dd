import type { Element, Note, OpeningKind, Post } from "../../api/types";
import { Button } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { MakingFacts, Section } from "../making/MakingFacts";
import { useBoard, useBoardTools } from "../state/context";
import { renumbering } from "../state/revisions";
import { drawingShown, elementOf } from "../state/state";
import { FittingFacts } from "../things/FittingFacts";
import { FloorFacts, FloorList } from "../things/FloorFacts";
import { KeptGaps } from "../things/GapFacts";
import { OpeningFacts } from "../things/OpeningFacts";
import { PieceFacts, PostFields } from "../things/PieceFacts";
import { RoomFacts } from "../things/RoomFacts";
import { SectionFacts } from "../things/SectionFacts";
import { SelectedWall } from "../things/SelectedWall";
import { SelectedWalls } from "../things/SelectedWalls";
import { DeleteButton, SelectionButtons } from "../things/SelectionButtons";
import { StairFacts } from "../things/StairFacts";
import { StepsFacts, StepsOf } from "../things/StepsFacts";
import { BackdropField } from "./BackdropField";
import { DrawingFacts, ProjectFacts } from "./DrawingFacts";

const MAKES = [
  "run",
  "rectangle",
  "beside",
  "piece",
  "post",
  "door",
  "window",
  "storeys",
  "floor",
  "void",
  "stair",
  "well",
  "section",
  "room",
  "limit",
  "fitting",
  "note",
  "copy",
  "turn",
  "mirror",
];

/** The facts of the active tool, the selection, or else the drawing and the project. */
export function Facts() {
  const tool = useBoard((s) => s.tool.name);
  const selection = useBoard((s) => s.selection);
  const only = useBoard((s) => (s.selection.length === 1 ? s.elements.get(s.selection[0] ?? "") : undefined));
  const drawing = useBoard(drawingShown);
  const settings = useBoard((s) => elementOf(s, "settings", "settings"));
  if (MAKES.includes(tool)) return <MakingFacts />;
  if (only) return <Selected element={only} />;
  if (selection.length > 1) {
    return (
      <Section title={`${selection.length} things`} words="selected">
        <SelectedWalls />
        <KeepMarks />
        <SelectionButtons />
        <DeleteButton />
      </Section>
    );
  }
  return (
    <>
      {drawing && <DrawingFacts drawing={drawing} />}
      {drawing?.kind === "PLAN" && <BackdropField drawing={drawing} />}
      {drawing?.kind === "PLAN" && <FloorList storey={drawing.storey} />}
      <KeptGaps />
      {settings && <ProjectFacts settings={settings} />}
    </>
  );
}

/** Several openings: all others are numbered anew, these keep their marks. */
function KeepMarks() {
  const { sync } = useBoardTools();
  const selection = useBoard((s) => s.selection);
  const elements = useBoard((s) => s.elements);
  const keep = selection.filter((id) => elements.get(id)?.type === "opening");
  if (keep.length === 0) return null;
  return (
    <Button className="my-1" onClick={() => void sync.edit(renumbering(keep))}>
      Number all marks but these
    </Button>
  );
}

function Selected({ element }: { readonly element: Element }) {
  const symbolName = useBoard((s) =>
    element.type === "fitting" ? elementOf(s, "symbol", element.symbol)?.name : undefined,
  );
  switch (element.type) {
    case "wall":
      return <SelectedWall wall={element} />;
    case "opening":
      return (
        <Section title={`${OPENING_NAMES[element.kind.type] ?? "Door"} ${element.mark}`} words="selected">
          <OpeningFacts opening={element} />
          <StepsOf door={element} />
          <SelectionButtons />
          <DeleteButton />
        </Section>
      );
    case "wallPiece":
      return (
        <Section title={`${PIECE_NAMES[element.make.type]} ${element.mark}`} words="selected">
          <PieceFacts piece={element} />
          <SelectionButtons />
          <DeleteButton />
        </Section>
      );
    case "post":
      return <SelectedPost post={element} />;
    case "room":
      return (
        <Section title={element.name} words="room, selected">
          <RoomFacts room={element} />
          <DeleteButton />
        </Section>
      );
    case "roomLimit":
      return (
        <Section title="Room limit" words="parts rooms without a wall">
          <SelectionButtons />
          <DeleteButton />
        </Section>
      );
    case "fitting":
      return (
        <Section title={`${symbolName ?? "Fitting"} ${element.mark}`} words="selected">
          <FittingFacts fitting={element} />
          <SelectionButtons />
          <DeleteButton />
        </Section>
      );
    case "floor":
      return (
        <Section title={`Floor ${element.mark}`} words="selected">
          <FloorFacts floor={element} />
          <DeleteButton />
        </Section>
      );
    case "floorVoid":
      return (
        <Section title={`Void ${element.mark}`} words="through the floors of this storey">
          <SelectionButtons />
          <DeleteButton />
        </Section>
      );
    case "stair":
      return (
        <Section title={`Stair ${element.mark}`} words="selected">
          <StairFacts stair={element} />
          <DeleteButton />
        </Section>
      );
    case "outsideSteps":
      return (
        <Section title={`Steps ${element.mark}`} words="before a door">
          <StepsFacts steps={element} />
          <DeleteButton />
        </Section>
      );
    case "sectionLine":
      return (
        <Section title={`Section line ${element.mark}`} words="selected">
          <SectionFacts line={element} />
          <DeleteButton />
        </Section>
      );
    case "tracing":
      return (
        <Section title={element.name} words="laid behind the plan">
          <p className="text-ink-2">Move it with M, turn it with Shift T; the Register scales it.</p>
          <DeleteButton />
        </Section>
      );
    case "note":
      return (
        <Section title="Note" words="selected">
          <NoteText note={element} />
          <DeleteButton />
        </Section>
      );
    case "dimensionString":
      return (
        <Section title="Dimension string" words={`${element.holds.length} points`}>
          <DeleteButton />
        </Section>
      );
    case "drawing":
      return (
        <Section title={element.name} words="on this sheet">
          {null}
        </Section>
      );
    default:
      return null;
  }
}

const OPENING_NAMES: Partial<Record<OpeningKind["type"], string>> = { window: "Window", openWay: "Open way" };

const PIECE_NAMES = {
  lined: "Lining",
  solid: "Pier",
  built: "Pier",
  boxed: "Boxing",
  niche: "Niche",
} as const;

function SelectedPost({ post }: { readonly post: Post }) {
  const { sync } = useBoardTools();
  return (
    <Section title={`Post ${post.mark}`} words="selected">
      <PostFields post={post} onChange={(changed) => void sync.revise({ ...changed, type: "post" })} />
      <SelectionButtons />
      <DeleteButton />
    </Section>
  );
}

function NoteText({ note }: { readonly note: Note }) {
  const { sync } = useBoardTools();
  return (
    <Accepted
      rows={4}
      value={note.text}
      onAccept={(text) => void sync.revise({ ...note, text, type: "note" })}
    />
  );
}
