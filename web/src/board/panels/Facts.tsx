import { useEffect, useState } from "react";
import type { Drawing, Element, Note, Post, Settings, Wall } from "../../api/types";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../context";
import { SCALES } from "../scales";
import { type BoardState, drawingShown, elementOf, elementsOf, measuredLine, unitsOf } from "../state";
import { LengthField, LengthText } from "./LengthField";
import { MakingFacts, Section } from "./MakingFacts";
import { OpeningFacts } from "./OpeningFacts";
import { PieceFacts, PostFields } from "./PieceFacts";
import { SelectedWalls, WallsAlike } from "./SelectedWalls";
import { WallBend } from "./WallBend";
import { WallEnds } from "./WallEnds";
import { WallFields } from "./WallFields";

const MAKES = ["run", "piece", "post", "door", "window", "note"];

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
        <DeleteButton />
      </Section>
    );
  }
  return (
    <>
      {drawing && <DrawingFacts drawing={drawing} />}
      {settings && <ProjectFacts settings={settings} />}
    </>
  );
}

function DeleteButton() {
  const { actions } = useBoardTools();
  return (
    <Button className="mt-4" onClick={() => void actions.remove()}>
      Delete
    </Button>
  );
}

function Selected({ element }: { readonly element: Element }) {
  switch (element.type) {
    case "wall":
      return <SelectedWall wall={element} />;
    case "opening":
      return (
        <Section
          title={`${element.kind.type === "window" ? "Window" : "Door"} ${element.mark}`}
          words="selected"
        >
          <OpeningFacts opening={element} />
          <DeleteButton />
        </Section>
      );
    case "wallPiece":
      return (
        <Section title={`${PIECE_NAMES[element.make.type]} ${element.mark}`} words="selected">
          <PieceFacts piece={element} />
          <DeleteButton />
        </Section>
      );
    case "post":
      return <SelectedPost post={element} />;
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
      <DeleteButton />
    </Section>
  );
}

function SelectedWall({ wall }: { readonly wall: Wall }) {
  const { sync } = useBoardTools();
  const length = useBoard((s) =>
    measuredLine(s, wall.id).reduce(
      (sum, c) => sum + Math.hypot(c.to[0] - c.from[0], c.to[1] - c.from[1]),
      0,
    ),
  );
  return (
    <Section
      title={`Wall ${wall.mark}`}
      words={
        <>
          <LengthText mm={length} /> along its set-out line
        </>
      }
    >
      <WallFields facts={wall} onChange={(changed) => void sync.revise({ ...changed, type: "wall" })} />
      <WallBend wall={wall} />
      <WallEnds wall={wall} />
      <WallsAlike wall={wall} />
      <DeleteButton />
    </Section>
  );
}

/** Text that is accepted on leaving the field. */
function Accepted(props: {
  readonly value: string;
  readonly onAccept: (value: string) => void;
  readonly rows?: number;
}) {
  const [text, setText] = useState(props.value);
  useEffect(() => setText(props.value), [props.value]);
  const accept = () => {
    if (text !== props.value) props.onAccept(text);
  };
  if (props.rows) {
    return (
      <textarea
        aria-label="Text"
        rows={props.rows}
        className={`${fieldClass} w-full`}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={accept}
      />
    );
  }
  return (
    <input
      className={`${fieldClass} w-40`}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={accept}
    />
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

const elementsIn = (state: BoardState) => state.elements;

function DrawingFacts({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const units = useBoard(unitsOf);
  const elements = useBoard(elementsIn);
  const lenses = elementsOf({ elements }, "lens");
  const revise = (change: Partial<Drawing>) => void sync.revise({ ...drawing, ...change, type: "drawing" });
  return (
    <Section title={drawing.name} words="this drawing">
      <Row label="Scale">
        <Choice
          value={String(drawing.scale)}
          options={SCALES[units].map(([n, words]) => [String(n), words] as const)}
          onChange={(n) => revise({ scale: Number(n) })}
        />
      </Row>
      <Row label="Lens">
        <Choice
          value={drawing.lens}
          options={lenses.map((l) => [l.id, l.name] as const)}
          onChange={(lens) => revise({ lens })}
        />
      </Row>
      <Row label="Name">
        <Accepted value={drawing.name} onAccept={(name) => revise({ name })} />
      </Row>
    </Section>
  );
}

function ProjectFacts({ settings }: { readonly settings: Settings }) {
  const { sync } = useBoardTools();
  const revise = (change: Partial<Settings>) =>
    void sync.revise({ ...settings, ...change, type: "settings" });
  return (
    <div className="mt-4 border-rule border-t pt-3">
      <Section title="Project" words="fills the title block">
        <Row label="Name">
          <Accepted value={settings.name} onAccept={(name) => revise({ name })} />
        </Row>
        <Row label="Address">
          <Accepted value={settings.address} onAccept={(address) => revise({ address })} />
        </Row>
        <Row label="Client">
          <Accepted value={settings.client} onAccept={(client) => revise({ client })} />
        </Row>
        <Row label="Drawn by">
          <Accepted value={settings.drawnBy} onAccept={(drawnBy) => revise({ drawnBy })} />
        </Row>
        <LengthField
          label="Plans cut at"
          mm={settings.cutHeightMm}
          onChange={(cutHeightMm) => revise({ cutHeightMm })}
        />
      </Section>
    </div>
  );
}
