import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { blanksOf, library } from "../state/clauses";
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
  const fills = making.keyed.clause === clause?.id ? making.keyed.fills : [];
  return (
    <Section title="New keyed note" words="a number here, its words in the list of keyed notes">
      {clause && (
        <ClauseFields
          all={all}
          clause={clause}
          fills={fills}
          onClause={(id) => set({ keyed: { clause: id, fills: [] } })}
          onFill={(blank, words) =>
            set({
              keyed: {
                clause: clause.id,
                fills: Array.from({ length: blanksOf(clause) }, (_, i) =>
                  i === blank ? words : (fills[i] ?? ""),
                ),
              },
            })
          }
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
