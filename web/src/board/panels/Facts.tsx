import type { Element } from "../../api/types";
import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { MakingFacts } from "../making/MakingFacts";
import { ArrangeDrawings } from "../sheets/ArrangeDrawings";
import { useBoard, useBoardTools } from "../state/context";
import { renumbering } from "../state/revisions";
import { drawingShown, elementOf } from "../state/state";
import { thingOf } from "../things";
import { FloorList } from "../things/FloorFacts";
import { KeptGaps } from "../things/GapFacts";
import { LayerField } from "../things/LayerField";
import { TidyNotes } from "../things/NoteFacts";
import { SelectedWalls } from "../things/SelectedWalls";
import { DeleteButton, SelectionButtons } from "../things/SelectionButtons";
import { JoinStrings } from "../things/StringFacts";
import { WorkStateField } from "../things/WorkStateField";
import { toolOf } from "../tools";
import { BackdropField } from "./BackdropField";
import { DrawingFacts, ProjectFacts } from "./DrawingFacts";

/** The facts of the active tool, the selection, or else the drawing and the project. */
export function Facts() {
  const makes = useBoard((s) => toolOf(s.tool).Facts !== undefined);
  const selection = useBoard((s) => s.selection);
  const only = useBoard((s) => (s.selection.length === 1 ? s.elements.get(s.selection[0] ?? "") : undefined));
  const drawing = useBoard(drawingShown);
  const onSheet = useBoard((s) => s.shown?.kind === "sheet" && !s.version);
  const settings = useBoard((s) => elementOf(s, "settings", "settings"));
  if (makes) return <MakingFacts />;
  if (only) return <Selected element={only} />;
  if (onSheet && selection.length > 1)
    return (
      <Section title={`${selection.length} drawings`} words="selected on this sheet">
        <ArrangeDrawings />
      </Section>
    );
  if (selection.length > 1) {
    return (
      <Section title={`${selection.length} things`} words="selected">
        <SelectedWalls />
        <JoinStrings />
        <TidyNotes />
        <WorkStateField />
        <LayerField />
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
  const title = useBoard((s) => thingOf(element)?.title(element, s));
  const thing = thingOf(element);
  if (!thing) return null;
  const { words, Facts, many, goes } = thing;
  return (
    <Section title={title ?? ""} words={typeof words === "string" ? words : words(element)}>
      <Facts thing={element} />
      <WorkStateField />
      <LayerField />
      {many && <SelectionButtons />}
      {goes && <DeleteButton />}
    </Section>
  );
}
