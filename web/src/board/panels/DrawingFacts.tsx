import type { Drawing, Settings } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { Accepted } from "../fields/Accepted";
import { LengthField } from "../fields/LengthField";
import { RegionField } from "../region/RegionField";
import { useBoard, useBoardTools } from "../state/context";
import { BLOCKS, TABLES } from "../state/drawings";
import { lettering, renumbering, revision } from "../state/revisions";
import { SCALES } from "../state/scales";
import { type BoardState, elementsOf, unitsOf } from "../state/state";
import { AlsoWritten } from "./AlsoWritten";
import { BlockFields } from "./BlockFields";
import { LayersHere } from "./LayersHere";
import { LensFields, Listed, SortedBy } from "./ShownFields";
import { TableRows } from "./TableRows";

const elementsIn = (state: BoardState) => state.elements;

/** The drawing shown: its scale, lens and name. */
export function DrawingFacts({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const units = useBoard(unitsOf);
  const elements = useBoard(elementsIn);
  const lenses = elementsOf({ elements }, "lens");
  const lens = lenses.find((l) => l.id === drawing.lens);
  const isTable = TABLES.includes(drawing.kind);
  const revised = (change: Partial<Drawing>) => ({ ...drawing, ...change, type: "drawing" }) as const;
  const revise = (change: Partial<Drawing>) => void sync.revise(revised(change));
  if (BLOCKS.includes(drawing.kind))
    return (
      <Section title={drawing.name} words="stands on sheets by itself">
        <Row label="Heading">
          <Accepted value={drawing.name} onAccept={(name) => revise({ name })} />
        </Row>
        <BlockFields drawing={drawing} revise={revise} />
      </Section>
    );
  const others = lenses.filter((l) => l.id !== drawing.lens).map((l) => revision(revised({ lens: l.id })));
  return (
    <Section title={drawing.name} words="this drawing">
      <Row label={isTable ? "Size of letters, as at" : "Scale"}>
        <Choice
          value={String(drawing.scale)}
          options={SCALES[units].map(([n, words]) => [String(n), words] as const)}
          onChange={(n) => revise({ scale: Number(n) })}
        />
      </Row>
      {!isTable && (
        <Row label="Lens">
          <Choice
            value={drawing.lens}
            options={lenses.map((l) => [l.id, l.name] as const)}
            onChange={(lens) => revise({ lens })}
            onNear={() => void sync.previews.ready(others)}
          />
        </Row>
      )}
      <Row label="Name">
        <Accepted value={drawing.name} onAccept={(name) => revise({ name })} />
      </Row>
      <FrameField drawing={drawing} revise={revise} />
      {drawing.kind === "PLAN" && <AlsoWritten drawing={drawing} />}
      {isTable && <SortedBy drawing={drawing} />}
      <Listed drawing={drawing} />
      {isTable && <TableRows drawing={drawing} />}
      {drawing.kind === "DOORS" || drawing.kind === "WINDOWS" ? (
        <Button
          className="mt-2"
          title="Storey by storey, across the drawing in rows from the top"
          onClick={() => void sync.edit(renumbering([]))}
        >
          Number marks anew
        </Button>
      ) : null}
      {drawing.kind === "PLAN" && lens && <LensFields lens={lens} />}
      {!isTable && <LayersHere />}
    </Section>
  );
}

/** That a drawing shows a part, and whether its edges say so. */
function FrameField({ drawing, revise }: { drawing: Drawing; revise: (change: Partial<Drawing>) => void }) {
  const { frame } = drawing;
  if (frame.type !== "part") return null;
  return (
    <div className="py-1">
      <div className="flex items-center justify-between">
        <span className="text-ink-2">
          {drawing.kind === "PLAN" ? "Shows a part of its storey" : "Shows a part of its house"}
        </span>
        <Button onClick={() => revise({ frame: { type: "all" } })}>Show all of it</Button>
      </div>
      <label className="flex items-center gap-2 py-1">
        <input
          type="checkbox"
          checked={frame.broken}
          onChange={() => revise({ frame: { ...frame, broken: !frame.broken } })}
        />
        Break lines along its edges
      </label>
    </div>
  );
}

/** What fills the title block, and what concerns the whole house. */
export function ProjectFacts({ settings }: { readonly settings: Settings }) {
  const { sync, actions } = useBoardTools();
  const revise = (change: Partial<Settings>) =>
    void sync.revise({ ...settings, ...change, type: "settings" });
  return (
    <div className="mt-4 border-rule border-t pt-3 first:mt-0 first:border-t-0 first:pt-0">
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
        <RegionField settings={settings} />
        <LengthField
          label="Plans cut at"
          mm={settings.cutHeightMm}
          onChange={(cutHeightMm) => revise({ cutHeightMm })}
        />
        <MarkLetters settings={settings} />
        <Button
          className="mt-3"
          title="Every storey mirrored left to right"
          onClick={() => void actions.changing.handHouse()}
        >
          Hand the house
        </Button>
      </Section>
    </div>
  );
}

const MARKED = [
  ["walls", "Marks of walls begin with"],
  ["doors", "Marks of doors"],
  ["windows", "Marks of windows"],
] as const;

/** What marks begin with; those there are change with it. */
function MarkLetters({ settings }: { readonly settings: Settings }) {
  const { sync } = useBoardTools();
  const { letters } = settings;
  return MARKED.map(([of, words]) => (
    <Row key={of} label={words}>
      <Accepted
        value={letters[of]}
        onAccept={(typed) => void sync.edit(lettering({ ...letters, [of]: typed }))}
      />
    </Row>
  ));
}
