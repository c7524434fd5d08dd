import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";
import { FACES } from "../things/GapFacts";
import { RiseFields } from "../things/RiseFields";
import { setOutAfterSwap } from "../things/setOut";
import { REACHES } from "../things/WallEnds";
import { WallFields } from "../things/WallFields";
import { WorkStateChoice } from "../things/WorkStateField";
import type { MakingProps } from "../tools/ToolOf";

/** What a run will draw. */
export function RunFacts(props: MakingProps) {
  return (
    <Section title="New walls" words="what the run will draw">
      <NewWalls {...props} />
    </Section>
  );
}

/** What a rectangle will draw. */
export function RectangleFacts(props: MakingProps) {
  const { making, set } = props;
  return (
    <Section title="Rectangle of walls" words="a footprint, or a room">
      <Row label="Sizes are">
        <Choice
          value={making.sizes}
          options={[
            ["OUTSIDE", "Outside, face to face"],
            ["INSIDE", "Inside, clear"],
          ]}
          onChange={(sizes) => set({ sizes })}
        />
      </Row>
      <NewWalls {...props} />
    </Section>
  );
}

/** What a wall beside another will be. */
export function BesideFacts(props: MakingProps) {
  const { making, set } = props;
  const { actions } = useBoardTools();
  const faces = useBoard((s) => s.faces);
  return (
    <Section title="Wall beside a wall" words="at a clear distance">
      <Row label="Measured between">
        <Choice value={faces} options={FACES} onChange={(f) => actions.changing.measureBetween(f)} />
      </Row>
      {making.besideMm !== null && (
        <LengthField label="Distance" mm={making.besideMm} onChange={(besideMm) => set({ besideMm })} />
      )}
      <NewWalls {...props} />
    </Section>
  );
}

/** What walls to draw are made of, how high they are and how they end. */
function NewWalls({ making, set }: MakingProps) {
  const elements = useBoard((s) => s.elements);
  const remake = (buildUp: string) => {
    const [was, is] = [making.wall.buildUp, buildUp].map((id) => elementOf({ elements }, "buildUp", id));
    set({ wall: { ...making.wall, buildUp, setOut: setOutAfterSwap(was, is, making.wall.setOut) } });
  };
  return (
    <>
      <Row label="Ends on walls">
        <Choice
          value={making.wall.reach}
          options={REACHES}
          onChange={(reach) => set({ wall: { ...making.wall, reach } })}
        />
      </Row>
      <WallFields facts={making.wall} onRemake={remake} onChange={(wall) => set({ wall })} />
      <RiseFields facts={making.wall} onChange={(wall) => set({ wall })} />
      <WorkStateChoice
        state={making.wall.state}
        onChange={(state) => set({ wall: { ...making.wall, state } })}
      />
    </>
  );
}
