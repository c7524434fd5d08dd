import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { library } from "../state/clauses";
import { useBoard, useBoardTools } from "../state/context";
import { ClauseFields } from "../things/ClauseFields";
import { LeaderFields } from "../things/NoteFields";
import type { MakingProps } from "../tools/ToolOf";

/** What a new keyed note will say. */
export function KeyedToMake({ making, set }: MakingProps) {
  const { store } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const all = library({ elements });
  const clause = all.find((c) => c.id === making.keyed.clause) ?? all[0];
  return (
    <Section title="New keyed note" words="a number here, its words in the list of keyed notes">
      {clause && (
        <ClauseFields
          all={all}
          clause={clause}
          fills={making.keyed.clause === clause.id ? making.keyed.fills : []}
          onChange={(id, fills) => set({ keyed: { clause: id, fills } })}
        />
      )}
      <LeaderFields
        shape={making.note.shape}
        tip={making.note.tip}
        onChange={(part) => set({ note: { ...making.note, ...part } })}
      />
      <Button className="my-1" onClick={() => store.setState({ dialog: "clauses" })}>
        Library of keyed notes
      </Button>
    </Section>
  );
}
