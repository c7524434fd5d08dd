import { Section } from "../../ui/Section";
import { useBoard, useBoardTools } from "../state/context";
import { lettersChosen } from "../state/usual";
import { FactsToSay } from "../things/FactsToSay";
import { LeaderFields, NoteFields } from "../things/NoteFields";
import type { MakingProps } from "../tools/ToolOf";

/** What the note tool will write. */
export function NoteToMake(props: MakingProps) {
  return (
    <Section title="New note" words="Words on this drawing">
      <Letters {...props} />
      <Lists />
    </Section>
  );
}

/** What the tool for notes with leaders will write. */
export function LeaderToMake(props: MakingProps) {
  const { store, actions } = useBoardTools();
  const { note } = props.making;
  const say = (field: string) => {
    const { entry } = store.getState();
    actions.entering.type(entry === "" || entry.endsWith(" ") ? entry + field : `${entry} ${field}`);
    document.getElementById("entry")?.focus();
  };
  return (
    <Section title="New note on a thing" words="Words, and a line to what they speak of">
      <Letters {...props} />
      <LeaderFields
        shape={note.shape}
        tip={note.tip}
        onChange={(part) => props.set({ note: { ...note, ...part } })}
      />
      <FactsToSay onSay={say} />
      <Lists />
    </Section>
  );
}

function Letters({ making, set }: MakingProps) {
  const { note } = making;
  const style = useBoard((s) => lettersChosen(s));
  return (
    <NoteFields
      style={style}
      widthMm={note.widthMm}
      onStyle={(style) => set({ note: { ...note, style } })}
      onWidth={(widthMm) => set({ note: { ...note, widthMm } })}
    />
  );
}

function Lists() {
  return (
    <p className="pt-1 text-ink-2">
      <b>\n</b> begins a new line; lines that begin with <b>-</b> or <b>1.</b> are set as lists.
    </p>
  );
}
