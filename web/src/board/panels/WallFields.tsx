import { useState } from "react";
import type { SetOut, Side } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { useBoard } from "../context";
import { type BoardState, elementOf, wallBuildUps } from "../state";
import { setOutKey, setOutOf, setOutOptions, usualSetOut } from "../tools/setOut";
import { BuildUpEditor } from "./BuildUpEditor";
import { BuildUpPicture } from "./BuildUpPicture";
import { BuildUpPlies } from "./BuildUpPlies";
import { useLook } from "./useJudgement";

export interface WallFacts {
  readonly buildUp: string;
  readonly setOut: SetOut;
  readonly outside: Side;
}

interface Props<T extends WallFacts> {
  readonly facts: T;
  readonly onChange: (facts: T) => void;
}

const buildUps = (state: BoardState) => state.elements;

/** What a wall is made of and where its set-out line lies: for walls to draw and walls selected. */
export function WallFields<T extends WallFacts>({ facts, onChange }: Props<T>) {
  const [editing, setEditing] = useState(false);
  const elements = useBoard(buildUps);
  const all = wallBuildUps({ elements });
  const buildUp = elementOf({ elements }, "buildUp", facts.buildUp);
  const look = useLook(buildUp);
  return (
    <>
      <Row label="Build-up">
        <Choice
          value={facts.buildUp}
          options={all.map((b) => [b.id, `${b.mark} ${b.name}`] as const)}
          onChange={(id) =>
            onChange({ ...facts, buildUp: id, setOut: usualSetOut(all.find((b) => b.id === id)) })
          }
        />
      </Row>
      <Row label="Set-out line">
        <Choice
          value={setOutKey(facts.setOut)}
          options={buildUp ? setOutOptions(buildUp) : []}
          onChange={(key) => onChange({ ...facts, setOut: setOutOf(key) })}
        />
      </Row>
      <Row label="Outside">
        <Choice
          value={facts.outside}
          options={[
            ["LEFT", "Left of the run"],
            ["RIGHT", "Right of the run"],
          ]}
          onChange={(outside) => onChange({ ...facts, outside })}
        />
      </Row>
      {buildUp && (
        <BuildUpPicture
          plies={buildUp.plies}
          picture={look?.picture ?? null}
          setOut={facts.setOut}
          onPick={(setOut) => onChange({ ...facts, setOut })}
        />
      )}
      {buildUp && <BuildUpPlies buildUp={buildUp} />}
      {buildUp && (
        <Button className="mt-4 mr-2" onClick={() => setEditing(true)}>
          Edit build-up
        </Button>
      )}
      {buildUp && editing && <BuildUpEditor buildUp={buildUp} onClose={() => setEditing(false)} />}
    </>
  );
}
