import { useState } from "react";
import type { BuildUp, SetOut, Side } from "../../api/types";
import { printLength } from "../../measure/print";
import { Button, Choice, Row } from "../../ui/controls";
import { BuildUpEditor } from "../buildups/BuildUpEditor";
import { BuildUpPicture } from "../buildups/BuildUpPicture";
import { BuildUpPlies } from "../buildups/BuildUpPlies";
import { useBoard, useBoardTools } from "../state/context";
import { type BoardState, elementOf, unitsOf, wallBuildUps } from "../state/state";
import { optionOf, setOutDepth, setOutOptions } from "./setOut";
import { useLook } from "./useJudgement";

export interface WallFacts {
  readonly buildUp: string;
  readonly setOut: SetOut;
  readonly outside: Side;
}

interface Props<T extends WallFacts> {
  readonly facts: T;
  /** Makes it of another build-up; where the set-out line lies then is not for this panel to say. */
  readonly onRemake: (buildUp: string) => void;
  readonly onChange: (facts: T) => void;
}

const buildUps = (state: BoardState) => state.elements;

/** What a wall is made of and where its set-out line lies: for walls to draw and walls selected. */
export function WallFields<T extends WallFacts>({ facts, onRemake, onChange }: Props<T>) {
  const { store } = useBoardTools();
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
          onChange={onRemake}
        />
      </Row>
      {buildUp && (
        <SetOutField buildUp={buildUp} facts={facts} onPick={(setOut) => onChange({ ...facts, setOut })} />
      )}
      <Row label="Outside">
        <Choice
          value={facts.outside}
          options={[
            ["LEFT", "Left as drawn"],
            ["RIGHT", "Right as drawn"],
          ]}
          onChange={(outside) => onChange({ ...facts, outside })}
        />
      </Row>
      {buildUp && (
        <BuildUpPicture
          plies={buildUp.plies}
          picture={look?.picture ?? null}
          setOut={facts.setOut}
          outside={facts.outside}
          onPick={(setOut) => onChange({ ...facts, setOut })}
        />
      )}
      {buildUp && <BuildUpPlies buildUp={buildUp} />}
      {buildUp && (
        <Button className="mt-4 mr-2" onClick={() => setEditing(true)}>
          Edit build-up
        </Button>
      )}
      <Button className="mt-4" onClick={() => store.setState({ dialog: "materials" })}>
        Materials
      </Button>
      {buildUp && editing && (
        <BuildUpEditor buildUp={buildUp} onAdded={onRemake} onClose={() => setEditing(false)} />
      )}
    </>
  );
}

interface SetOutProps {
  readonly buildUp: BuildUp;
  readonly facts: WallFacts;
  readonly onPick: (setOut: SetOut) => void;
}

/** Where the set-out line lies, in words; a place on no face of this build-up is one of the choices while it is used. */
function SetOutField({ buildUp, facts, onPick }: SetOutProps) {
  const units = useBoard(unitsOf);
  const options = setOutOptions(buildUp, facts.outside);
  const now = optionOf(buildUp, facts.setOut)?.key ?? "off";
  const choices = options.map((o) => [o.key, o.words] as const);
  const depth = setOutDepth(buildUp, facts.setOut);
  const off = ["off", `${printLength(depth, units)} in from the ${options[0]?.words.toLowerCase()}`] as const;
  return (
    <Row label="Set-out line">
      <Choice
        value={now}
        options={now === "off" ? [off, ...choices] : choices}
        onChange={(key) => onPick(options.find((o) => o.key === key)?.setOut ?? facts.setOut)}
      />
    </Row>
  );
}
