import type { KeyMark } from "../../api/types";
import { Button } from "../../ui/controls";
import { library } from "../state/clauses";
import { useBoard, useBoardTools } from "../state/context";
import { fillingBlank } from "../state/revisions";
import { ClauseFields } from "./ClauseFields";
import { PointsAt } from "./NoteFacts";
import { LeaderFields } from "./NoteFields";
import { ThroughLens } from "./ThroughLens";

/** What a keyed note says and points at. */
export function KeyMarkFacts({ mark }: { readonly mark: KeyMark }) {
  const { store, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const all = library({ elements });
  const clause = all.find((c) => c.id === mark.clause);
  const { leaders } = mark;
  const revise = (part: Partial<KeyMark>) => void sync.revise({ ...mark, ...part, type: "keyMark" });
  return (
    <>
      {clause && (
        <ClauseFields
          all={all}
          clause={clause}
          fills={mark.fills}
          onClause={(id) => revise({ clause: id, fills: [] })}
          onFill={(blank, words) => void sync.edit(fillingBlank(mark.id, blank, words))}
        />
      )}
      {leaders.targets.length > 0 && (
        <>
          <LeaderFields
            shape={leaders.shape}
            tip={leaders.tip}
            onChange={(part) => revise({ leaders: { ...leaders, ...part } })}
          />
          <PointsAt targets={leaders.targets} />
        </>
      )}
      <div className="flex flex-wrap gap-2 py-1">
        <Button onClick={() => store.setState({ tool: { name: "pointing", note: mark.id } })}>
          Point at more, take leaders away
        </Button>
        <Button onClick={() => store.setState({ dialog: "clauses" })}>Library of keyed notes</Button>
      </div>
      <ThroughLens written={mark} />
    </>
  );
}
