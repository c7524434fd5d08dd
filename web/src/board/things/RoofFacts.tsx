import type { Roof, RoofTrim } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthField } from "../fields/LengthField";
import { PitchField } from "../fields/PitchField";
import { useBoard, useBoardTools } from "../state/context";
import { draining } from "../state/revisions";
import { type BoardState, buildUpsFor, elementsOf, type Making } from "../state/state";
import { Figures } from "./Figures";
import { MaterialField } from "./MassFields";
import { EdgeFields, pitchOf, RoofEdges } from "./RoofEdges";
import { TrussesOf } from "./TrussFacts";

const elementsIn = (state: BoardState) => state.elements;

const SOFFITS: readonly (readonly [RoofTrim["soffit"], string])[] = [
  ["LEVEL", "Level"],
  ["SLOPED", "Along the rafters"],
  ["NONE", "None, open"],
];

interface MadeOf {
  readonly buildUp: string;
  readonly ceiling: string;
  readonly trim: RoofTrim;
  /** Null for at the heads of walls. */
  readonly plateMm: number | null;
}

/** What a roof is made of and finished with. */
function RoofFields({ made, onChange }: { made: MadeOf; onChange: (part: Partial<MadeOf>) => void }) {
  const elements = useBoard(elementsIn);
  const named = (use: "ROOF" | "CEILING") =>
    buildUpsFor({ elements }, use).map((b) => [b.id, `${b.mark}  ${b.name}`] as const);
  const { trim, plateMm } = made;
  return (
    <>
      <Row label="Build-up">
        <Choice value={made.buildUp} options={named("ROOF")} onChange={(buildUp) => onChange({ buildUp })} />
      </Row>
      <Row label="Ceiling below">
        <Choice
          value={made.ceiling}
          options={[["", "None: rooms go up to it"], ["LOFT", "None: nothing below"], ...named("CEILING")]}
          onChange={(ceiling) => onChange({ ceiling })}
        />
      </Row>
      <Row label="Plates">
        <Choice
          value={plateMm === null ? "HEADS" : "HEIGHT"}
          options={[
            ["HEADS", "On the wall heads"],
            ["HEIGHT", "At a height"],
          ]}
          onChange={(to) => onChange({ plateMm: to === "HEADS" ? null : (plateMm ?? 900) })}
        />
      </Row>
      {plateMm !== null && (
        <LengthField
          label="Plate above the level"
          mm={plateMm}
          onChange={(mm) => onChange({ plateMm: mm })}
        />
      )}
      <LengthField
        label="Fascia"
        mm={trim.fasciaMm}
        onChange={(fasciaMm) => onChange({ trim: { ...trim, fasciaMm } })}
      />
      <MaterialField
        label="Boards of"
        value={trim.material}
        onChange={(material) => onChange({ trim: { ...trim, material } })}
      />
      <Row label="Soffit">
        <Choice
          value={trim.soffit}
          options={SOFFITS}
          onChange={(soffit) => onChange({ trim: { ...trim, soffit } })}
        />
      </Row>
      <LengthField
        label="Gutter"
        mm={trim.gutterMm}
        onChange={(gutterMm) => onChange({ trim: { ...trim, gutterMm } })}
      />
      <MaterialField
        label="Gutters of"
        value={trim.gutterOf}
        onChange={(gutterOf) => onChange({ trim: { ...trim, gutterOf } })}
      />
      <LengthField
        label="Flashing up walls"
        mm={trim.flashingMm}
        onChange={(flashingMm) => onChange({ trim: { ...trim, flashingMm } })}
      />
      {trim.flashingMm > 0 && (
        <MaterialField
          label="Flashing of"
          value={trim.flashingOf}
          onChange={(flashingOf) => onChange({ trim: { ...trim, flashingOf } })}
        />
      )}
    </>
  );
}

export function NewRoof({ making, set }: { making: Making; set: (change: Partial<Making>) => void }) {
  const { roof } = making;
  const usual = useBoard((s) => s.offered?.roofs);
  const elements = useBoard(elementsIn);
  const change = (part: Partial<Making["roof"]>) => set({ roof: { ...roof, ...part } });
  /** What a form is usually built of; the rooms under a flat roof go up to it. */
  const built = (form: Making["roof"]["form"]) => {
    const buildUp = (form === "FLAT" ? roof.parapet.buildUp : usual?.buildUp) ?? "";
    const ceiling = form === "FLAT" ? "" : (usual?.ceiling ?? "");
    return {
      buildUp: elements.has(buildUp) ? buildUp : roof.buildUp,
      ceiling: elements.has(ceiling) ? ceiling : "",
    };
  };
  return (
    <Section title="New roof" words="its edges are changed one by one when it stands">
      <Row label="Over">
        <Choice
          value={roof.way}
          options={[
            ["SHELL", "The walls round the pointer"],
            ["RECTANGLE", "A rectangle"],
            ["OUTLINE", "An outline"],
          ]}
          onChange={(way) => change({ way })}
        />
      </Row>
      <Row label="Form">
        <Choice
          value={roof.form}
          options={[
            ["HIPPED", "Hipped"],
            ["FLAT", "Flat, with parapets"],
          ]}
          onChange={(form) => change({ form, ...built(form) })}
        />
      </Row>
      {roof.form === "HIPPED" ? (
        <PitchField label="Pitch" pitch={roof.pitch} onChange={(pitch) => change({ pitch })} />
      ) : (
        <>
          <PitchField
            label="Fall"
            pitch={roof.parapet.fall}
            onChange={(fall) => change({ parapet: { ...roof.parapet, fall } })}
          />
          <LengthField
            label="Parapets above the plate"
            mm={roof.parapet.upMm}
            onChange={(upMm) => change({ parapet: { ...roof.parapet, upMm } })}
          />
        </>
      )}
      <LengthField label="Overhang" mm={roof.overhangMm} onChange={(overhangMm) => change({ overhangMm })} />
      <RoofFields made={roof} onChange={change} />
    </Section>
  );
}

/** What a choice of ceiling stands for. */
export function underOf(ceiling: string): Roof["under"] {
  if (ceiling === "") return { type: "itsUnderside" };
  return ceiling === "LOFT" ? { type: "loft" } : { type: "levelCeiling", buildUp: ceiling };
}

/** The facts of a selected roof: its figures, its edges, what it is made of. */
export function RoofFacts({ roof }: { readonly roof: Roof }) {
  const { sync } = useBoardTools();
  const sum = useBoard((s) => (s.roofSum?.roof === roof.id ? s.roofSum : null));
  const making = useBoard((s) => s.making.roof);
  const revise = (change: Partial<Roof>) => void sync.revise({ ...roof, ...change, type: "roof" });
  const { plate, heel, under } = roof;
  return (
    <>
      {sum?.cannot && <p className="py-1 text-oxide">{sum.cannot}</p>}
      <Figures label="Figures of the roof" figures={sum?.figures ?? []} />
      {sum && <RoofEdges roof={roof} edges={sum.edges} />}
      <p className="pt-1 font-semibold">Edges that say nothing of their own</p>
      <EdgeFields
        edge={roof.usual}
        pitch={pitchOf(roof.usual, making.pitch)}
        vergeMm={making.vergeMm}
        parapet={making.parapet}
        eavesMm={making.overhangMm}
        onChange={(usual) => revise({ usual })}
      />
      <p className="pt-2 font-semibold">Made of</p>
      <RoofFields
        made={{
          buildUp: roof.buildUp,
          ceiling: under.type === "levelCeiling" ? under.buildUp : under.type === "loft" ? "LOFT" : "",
          trim: roof.trim,
          plateMm: plate.type === "atHeight" ? plate.mm : null,
        }}
        onChange={(part) =>
          revise({
            ...(part.buildUp === undefined ? {} : { buildUp: part.buildUp }),
            ...(part.trim === undefined ? {} : { trim: part.trim }),
            ...(part.ceiling === undefined ? {} : { under: underOf(part.ceiling) }),
            ...(part.plateMm === undefined
              ? {}
              : {
                  plate:
                    part.plateMm === null
                      ? { type: "atWallHeads" as const }
                      : { type: "atHeight" as const, mm: part.plateMm },
                }),
          })
        }
      />
      <Row label="Heel">
        <Choice
          value={heel.type}
          options={[
            ["seated", "Cut over the plate"],
            ["raised", "Raised"],
          ]}
          onChange={(to) => revise({ heel: { type: to, mm: to === "seated" ? making.seatMm : 300 } })}
        />
      </Row>
      <LengthField
        label={heel.type === "seated" ? "Seat on the plate" : "Heel, plate to rafter top"}
        mm={heel.mm}
        onChange={(mm) => revise({ heel: { ...heel, mm } })}
      />
      <TrussesOf roof={roof.id} />
      <Drains roof={roof} />
    </>
  );
}

/** Downpipes under its gutters, outlets before its parapets, and the way to those it lacks. */
function Drains({ roof }: { readonly roof: Roof }) {
  const { sync, actions } = useBoardTools();
  const elements = useBoard(elementsIn);
  const there = elementsOf({ elements }, "roofPart").filter(
    (p) => p.roof === roof.id && (p.make.type === "downpipe" || p.make.type === "outlet"),
  );
  const place = () => {
    const edit = draining(sync.state, roof);
    if (edit) void sync.edit(edit);
  };
  const edges = [roof.usual, ...roof.own.map((o) => o.edge)];
  const dams = edges.some(({ rises }) => rises.type === "parapet" && rises.fall.type === "fallsToIt");
  if (roof.trim.gutterMm === 0 && !dams) return null;
  return (
    <div className="pt-2">
      <p className="font-semibold">{dams ? "Downpipes and outlets" : "Downpipes"}</p>
      {there.map((p) => (
        <Button key={p.id} className="my-1 mr-2" onClick={() => actions.selection.selectJust([p.id])}>
          {p.mark}
        </Button>
      ))}
      <Button
        className="my-1"
        title="At the ends of gutters and between, beside openings, as many as the rule on drainage says; in each slope behind a parapet an outlet"
        onClick={place}
      >
        Place those it lacks
      </Button>
    </div>
  );
}
