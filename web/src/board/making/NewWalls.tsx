import { useState } from "react";
import { Choice, fieldClass, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf, type Making, type ToolName } from "../state/state";
import { FACES } from "../things/GapFacts";
import { RiseFields } from "../things/RiseFields";
import { setOutAfterSwap } from "../things/setOut";
import { REACHES } from "../things/WallEnds";
import { WallFields } from "../things/WallFields";
import { Section } from "./MakingFacts";

interface Props {
  readonly tool: ToolName;
  readonly making: Making;
  readonly set: (change: Partial<Making>) => void;
}

const TITLES: Partial<Record<ToolName, readonly [string, string]>> = {
  run: ["New walls", "what the run will draw"],
  rectangle: ["Rectangle of walls", "a footprint, or a room"],
  beside: ["Wall beside a wall", "at a clear distance"],
  copy: ["Copies in a row", "of what is selected"],
  turn: ["Turn", "what is selected"],
  mirror: ["Mirror", "what is selected"],
};

/** What walls to draw will be: along a run, round a rectangle, or beside another. */
export function NewWalls({ tool, making, set }: Props) {
  const { actions } = useBoardTools();
  const faces = useBoard((s) => s.faces);
  const elements = useBoard((s) => s.elements);
  const [title, words] = TITLES[tool] ?? ["", ""];
  const remake = (buildUp: string) => {
    const [was, is] = [making.wall.buildUp, buildUp].map((id) => elementOf({ elements }, "buildUp", id));
    set({ wall: { ...making.wall, buildUp, setOut: setOutAfterSwap(was, is, making.wall.setOut) } });
  };
  return (
    <Section title={title} words={words}>
      {tool === "rectangle" && (
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
      )}
      {tool === "beside" && (
        <>
          <Row label="Measured between">
            <Choice value={faces} options={FACES} onChange={(f) => actions.changing.measureBetween(f)} />
          </Row>
          {making.besideMm !== null && (
            <LengthField label="Distance" mm={making.besideMm} onChange={(besideMm) => set({ besideMm })} />
          )}
        </>
      )}
      <Row label="Ends on walls">
        <Choice
          value={making.wall.reach}
          options={REACHES}
          onChange={(reach) => set({ wall: { ...making.wall, reach } })}
        />
      </Row>
      <WallFields facts={making.wall} onRemake={remake} onChange={(wall) => set({ wall })} />
      <RiseFields facts={making.wall} onChange={(wall) => set({ wall })} />
    </Section>
  );
}

/** How what is selected is copied, turned or mirrored. */
export function Rearranging({ tool, making, set }: Props) {
  const [title, words] = TITLES[tool] ?? ["", ""];
  const { copies } = making;
  return (
    <Section title={title} words={words}>
      {tool === "copy" ? (
        <>
          <Count value={copies.count} onChange={(count) => set({ copies: { ...copies, count } })} />
          <Row label="The distance is">
            <Choice
              value={copies.fit ? "fit" : "apart"}
              options={[
                ["apart", "From one to the next"],
                ["fit", "To the last, evenly between"],
              ]}
              onChange={(way) => set({ copies: { ...copies, fit: way === "fit" } })}
            />
          </Row>
        </>
      ) : (
        <Row label="The original">
          <Choice
            value={making.leaves ? "stays" : "goes"}
            options={[
              ["goes", "Goes itself"],
              ["stays", "Stays, a copy goes"],
            ]}
            onChange={(way) => set({ leaves: way === "stays" })}
          />
        </Row>
      )}
    </Section>
  );
}

function Count({ value, onChange }: { readonly value: number; readonly onChange: (count: number) => void }) {
  const [text, setText] = useState(String(value));
  const count = Number(text);
  const isCount = Number.isInteger(count) && count >= 1 && count <= 200;
  return (
    <>
      <Row label="How many">
        <input
          aria-invalid={!isCount}
          className={`${fieldClass} w-20 text-right`}
          value={text}
          onChange={(e) => {
            setText(e.target.value);
            const next = Number(e.target.value);
            if (Number.isInteger(next) && next >= 1 && next <= 200) onChange(next);
          }}
        />
      </Row>
      {!isCount && <p className="text-oxide text-xs">A whole number from 1 to 200.</p>}
    </>
  );
}
