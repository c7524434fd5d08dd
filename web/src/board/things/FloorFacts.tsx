import type { Floor, FloorEdge, FloorFall } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { OutlineWay } from "../making/OutlineWay";
import { useBoard, useBoardTools } from "../state/context";
import { type BoardState, floorBuildUps, type Making } from "../state/state";
import type { MakingProps } from "../tools/ToolOf";

const elementsIn = (state: BoardState) => state.elements;

const EDGES: readonly (readonly [FloorEdge, string])[] = [
  ["INNER_FACE", "At finished inner faces"],
  ["STRUCTURE_INNER", "At structure, inside"],
  ["STRUCTURE_OUTER", "At structure, outside"],
  ["OUTER_FACE", "At outer faces"],
];

const QUARTER = Math.PI / 2;
const FALLS = [
  ["level", "Level"],
  ["0", "Falls to the right"],
  ["1", "Falls up the drawing"],
  ["2", "Falls to the left"],
  ["3", "Falls down the drawing"],
] as const;

interface MadeOf {
  readonly buildUp: string;
  readonly stepMm: number;
  readonly span: number;
  readonly fall: FloorFall;
}

interface FieldsProps {
  readonly floor: MadeOf;
  readonly onChange: (part: Partial<MadeOf>) => void;
}

/** What a floor is made of, and how it lies. */
function FloorFields({ floor, onChange }: FieldsProps) {
  const elements = useBoard(elementsIn);
  const { fall } = floor;
  const slope = fall.type === "falling" ? fall.slope : 1 / 80;
  const way =
    fall.type === "level"
      ? "level"
      : String((((Math.round(fall.direction / QUARTER) % 4) + 4) % 4) as number);
  const across = Math.abs(Math.sin(floor.span)) < 0.5;
  return (
    <>
      <Row label="Build-up">
        <Choice
          value={floor.buildUp}
          options={floorBuildUps({ elements }).map((b) => [b.id, b.name] as const)}
          onChange={(buildUp) => onChange({ buildUp })}
        />
      </Row>
      <LengthField
        label="Step from the level"
        mm={floor.stepMm}
        onChange={(stepMm) => onChange({ stepMm })}
      />
      <Row label="Spans">
        <Choice
          value={across ? "across" : "up"}
          options={[
            ["across", "across the drawing"],
            ["up", "up the drawing"],
          ]}
          onChange={(s) => onChange({ span: s === "across" ? 0 : QUARTER })}
        />
      </Row>
      <Row label="Fall">
        <Choice
          value={way as (typeof FALLS)[number][0]}
          options={FALLS}
          onChange={(to) =>
            onChange({
              fall:
                to === "level"
                  ? { type: "level" }
                  : { type: "falling", direction: Number(to) * QUARTER, slope },
            })
          }
        />
      </Row>
      {fall.type === "falling" && (
        <Row label="Slope">
          <Choice
            value={String(Math.round(1 / slope))}
            options={["12", "20", "40", "50", "60", "80", "100"].map((n) => [n, `1:${n}`] as const)}
            onChange={(n) => onChange({ fall: { ...fall, slope: 1 / Number(n) } })}
          />
        </Row>
      )}
    </>
  );
}

export function NewFloor({ making, set }: { making: Making; set: (change: Partial<Making>) => void }) {
  const { floor } = making;
  const change = (part: Partial<Making["floor"]>) => set({ floor: { ...floor, ...part } });
  return (
    <Section title="New floor" words="inside a shell, or drawn">
      <Row label="Drawn">
        <Choice
          value={floor.way}
          options={[
            ["SHELL", "Inside the shell"],
            ["RECTANGLE", "As a rectangle"],
            ["OUTLINE", "As an outline"],
          ]}
          onChange={(way) => change({ way })}
        />
      </Row>
      {floor.way === "SHELL" && (
        <Row label="Ends">
          <Choice value={floor.edge} options={EDGES} onChange={(edge) => change({ edge })} />
        </Row>
      )}
      <FloorFields floor={floor} onChange={change} />
    </Section>
  );
}

export function NewVoid(props: MakingProps) {
  return (
    <Section title="New void" words="through the floors of this storey">
      <OutlineWay {...props} />
    </Section>
  );
}

/** The facts of a selected floor. */
export function FloorFacts({ floor }: { readonly floor: Floor }) {
  const { sync } = useBoardTools();
  const revise = (change: Partial<Floor>) => void sync.revise({ ...floor, ...change, type: "floor" });
  const { outline } = floor;
  return (
    <>
      {outline.type === "insideShell" && (
        <Row label="Ends">
          <Choice
            value={outline.edge}
            options={EDGES}
            onChange={(edge) => revise({ outline: { ...outline, edge } })}
          />
        </Row>
      )}
      <FloorFields floor={floor} onChange={revise} />
    </>
  );
}

/** Floors that fill the shell, which have no line of their own to click. */
export function FloorList({ storey }: { readonly storey: string }) {
  const { actions } = useBoardTools();
  const elements = useBoard(elementsIn);
  const floors = [...elements.values()].flatMap((e) =>
    e.type === "floor" && e.storey === storey ? [e] : [],
  );
  if (floors.length === 0) return null;
  const nameOf = (id: string) => {
    const b = elements.get(id);
    return b?.type === "buildUp" ? b.name : "";
  };
  return (
    <section className="mt-3 border-rule border-t pt-2" aria-label="Floors of this storey">
      <h3 className="font-semibold">Floors</h3>
      <ul>
        {floors.map((f) => (
          <li key={f.id}>
            <button
              type="button"
              className="truncate text-left hover:text-verdigris"
              onClick={() => {
                actions.choose("select");
                actions.selection.selectJust([f.id]);
              }}
            >
              {f.mark} {nameOf(f.buildUp)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
