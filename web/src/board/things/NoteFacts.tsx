import { useRef } from "react";
import type { LeaderTarget, Note } from "../../api/types";
import { Button } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { useBoard, useBoardTools } from "../state/context";
import { inColumn } from "../state/revisions";
import { type Elements, elementOf } from "../state/state";
import { FactsToSay } from "./FactsToSay";
import { LeaderFields, NoteFields } from "./NoteFields";
import { ThroughLens } from "./ThroughLens";

/** The words of a note, how they are set, and what it points at. */
export function NoteFacts({ note }: { readonly note: Note }) {
  const { store, sync } = useBoardTools();
  const { leaders } = note;
  /** What was said last and is not answered yet: two fields clicked one after the other both stand. */
  const said = useRef({ over: "", text: "" });
  const say = (field: string) => {
    const over = `${note.id} ${note.text}`;
    const before = said.current.over === over ? said.current.text : note.text;
    said.current = { over, text: `${before} ${field}` };
    revise({ text: said.current.text });
  };
  const revise = (part: Partial<Note>) => void sync.revise({ ...note, ...part, type: "note" });
  return (
    <>
      <Accepted rows={4} value={note.text} onAccept={(text) => revise({ text })} />
      <NoteFields
        style={note.style}
        widthMm={note.widthMm === 0 ? null : note.widthMm}
        onStyle={(style) => revise({ style })}
        onWidth={(mm) => revise({ widthMm: mm ?? 0 })}
      />
      {leaders.targets.length > 0 && (
        <>
          <LeaderFields
            shape={leaders.shape}
            tip={leaders.tip}
            onChange={(part) => revise({ leaders: { ...leaders, ...part } })}
          />
          <PointsAt targets={leaders.targets} />
          <FactsToSay onSay={say} />
        </>
      )}
      <Button className="my-1" onClick={() => store.setState({ tool: { name: "pointing", note: note.id } })}>
        Point at more, take leaders away
      </Button>
      <ThroughLens written={note} />
    </>
  );
}

export function PointsAt({ targets }: { readonly targets: readonly LeaderTarget[] }) {
  const words = useBoard((s) => targets.map((t) => wordsOf(t, s)).join("; "));
  return (
    <p className="py-1">
      <span className="text-ink-2">Points at </span>
      {words}
    </p>
  );
}

/** What a leader points at. */
export function wordsOf(target: LeaderTarget, state: Elements): string {
  switch (target.type) {
    case "atPlace":
      return "a place";
    case "lost":
      return "what was deleted";
    case "inPly": {
      const wall = elementOf(state, "wall", target.wall);
      const ply = elementOf(state, "buildUp", wall?.buildUp)?.plies[target.ply];
      const material = elementOf(state, "material", ply?.material);
      return [wall?.mark, material?.name].filter(Boolean).join(", ");
    }
    case "onThing":
    case "onSeen": {
      const thing = state.elements.get(target.thing);
      if (thing?.type === "room") return thing.name;
      return thing && "mark" in thing ? thing.mark : "a thing";
    }
  }
}

/** Several notes set in a column. */
export function TidyNotes() {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const selection = useBoard((s) => s.selection);
  const notes = selection.filter((id) => elements.get(id)?.type === "note");
  if (notes.length < 2) return null;
  return (
    <Button className="my-1" onClick={() => void sync.edit(inColumn(notes))}>
      Set {notes.length} notes in a column
    </Button>
  );
}
