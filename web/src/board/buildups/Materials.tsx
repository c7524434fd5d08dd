import { useState } from "react";
import type { ElementOf } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { addingMaterial } from "../state/revisions";
import { elementsOf } from "../state/state";

type Material = ElementOf<"material">;
type HeatKind = Material["heat"]["type"];

const PATTERNS: readonly (readonly [Material["hatch"]["pattern"], string])[] = [
  ["NONE", "none"],
  ["DIAGONAL", "lines at 45 degrees"],
  ["CROSSED", "crossed lines"],
  ["WAVE", "a wave from face to face"],
  ["ZIGZAG", "a zigzag from face to face"],
];

const HEATS: readonly (readonly [HeatKind, string])[] = [
  ["conducts", "conducts, by its thickness"],
  ["stillAir", "is a layer of still air"],
  ["ventilated", "is open to outside air"],
  ["unstated", "nobody has said"],
];

/** The materials of the project: how each is hatched, coloured, how it resists heat, and where that comes from. */
export function Materials({ onClose }: { readonly onClose: () => void }) {
  const elements = useBoard((s) => s.elements);
  const all = elementsOf({ elements }, "material").toSorted((a, b) => a.name.localeCompare(b.name));
  const [chosen, setChosen] = useState(all[0]?.id);
  const material = all.find((m) => m.id === chosen) ?? all[0];
  return (
    <Panel title="Materials" size="w-200" onClose={onClose}>
      <div className="flex gap-6">
        <ul
          aria-label="Materials"
          className="max-h-120 w-64 shrink-0 overflow-auto border-rule border-r pr-2"
        >
          {all.map((m) => (
            <li key={m.id}>
              <button
                type="button"
                aria-pressed={m.id === material?.id}
                className="flex min-h-6 w-full items-center gap-2 rounded px-1.5 text-left aria-pressed:bg-verdigris-2 aria-pressed:font-semibold"
                onClick={() => setChosen(m.id)}
              >
                <span className="size-3.5 shrink-0 border border-ink-2" style={{ background: m.tint }} />
                {m.name}
              </button>
            </li>
          ))}
        </ul>
        {material && <OneMaterial key={material.id} material={material} onAdded={setChosen} />}
      </div>
    </Panel>
  );
}

interface OneProps {
  readonly material: Material;
  readonly onAdded: (id: string) => void;
}

/** One material to change, or to add as another under a name of its own. */
function OneMaterial({ material, onAdded }: OneProps) {
  const { sync } = useBoardTools();
  const [made, setMade] = useState(material);
  const [fault, setFault] = useState<string | null>(null);
  const used = useBoard(
    (s) => elementsOf(s, "buildUp").filter((b) => b.plies.some((p) => p.material === material.id)).length,
  );
  const set = (change: Partial<Material>) => setMade({ ...made, ...change });
  const renamed = made.name.trim() !== material.name;
  const changed = JSON.stringify(made) !== JSON.stringify(material);
  const said = (stored: boolean) => setFault(stored ? null : sync.state.saying);
  const add = async () => {
    const before = sync.state.elements;
    const stored = await sync.edit(addingMaterial(made));
    said(stored);
    const added = elementsOf(sync.state, "material").find((m) => !before.has(m.id));
    if (stored && added) onAdded(added.id);
  };
  return (
    <div className="min-w-0 grow">
      <Row label="Name">
        <input
          className={`${fieldClass} w-64`}
          value={made.name}
          onChange={(e) => set({ name: e.target.value })}
        />
      </Row>
      <Row label="Joins as">
        <input
          className={`${fieldClass} w-64`}
          title="No line is drawn between pieces that join as the same"
          value={made.joinsAs}
          onChange={(e) => set({ joinsAs: e.target.value })}
        />
      </Row>
      <Row label="Hatch">
        <Choice
          value={made.hatch.pattern}
          options={PATTERNS}
          onChange={(pattern) => set({ hatch: { ...made.hatch, pattern } })}
        />
      </Row>
      <Row label="Lines apart, on paper">
        <Figure
          value={made.hatch.pitchMm}
          unit="mm"
          onChange={(pitchMm) => set({ hatch: { ...made.hatch, pitchMm } })}
        />
      </Row>
      <Row label="Colour where it is cut">
        <input
          type="color"
          className="h-7 w-16 rounded border border-rule bg-paper"
          value={made.tint}
          onChange={(e) => set({ tint: e.target.value.toLowerCase() })}
        />
      </Row>
      <Row label="To heat it">
        <Choice value={made.heat.type} options={HEATS} onChange={(kind) => set({ heat: heatOf(kind) })} />
      </Row>
      {made.heat.type === "conducts" && (
        <Row label="Conductivity">
          <Figure
            value={made.heat.lambda}
            unit="W/mK"
            onChange={(lambda) => set({ heat: { type: "conducts", lambda } })}
          />
        </Row>
      )}
      {made.heat.type === "stillAir" && (
        <Row label="Resistance">
          <Figure
            value={made.heat.resistance}
            unit="m²K/W"
            onChange={(resistance) => set({ heat: { type: "stillAir", resistance } })}
          />
        </Row>
      )}
      <label className="block py-1">
        <span className="text-ink-2">Source</span>
        <textarea
          rows={2}
          className={`${fieldClass} w-full`}
          value={made.source}
          onChange={(e) => set({ source: e.target.value })}
        />
      </label>
      <p className="py-1 text-ink-2">
        {used === 0 ? "No build-up is made of it." : `${used} build-ups are made of it and would change.`}
      </p>
      {fault && <Fault>{fault}</Fault>}
      <div className="mt-2 flex justify-end gap-2">
        <Button
          main={!renamed}
          disabled={!changed}
          onClick={() => void sync.revise({ ...made, type: "material" }).then(said)}
        >
          Change
        </Button>
        <Button main={renamed} disabled={!renamed} title="Under another name" onClick={() => void add()}>
          Add as new
        </Button>
      </div>
    </div>
  );
}

function heatOf(kind: HeatKind): Material["heat"] {
  switch (kind) {
    case "conducts":
      return { type: kind, lambda: 0.13 };
    case "stillAir":
      return { type: kind, resistance: 0.18 };
    default:
      return { type: kind };
  }
}

interface FigureProps {
  readonly value: number;
  readonly unit: string;
  readonly onChange: (value: number) => void;
}

/** A figure to type; while it is none, what was there stays. */
function Figure({ value, unit, onChange }: FigureProps) {
  const [text, setText] = useState(String(value));
  const typed = Number(text.replace(",", "."));
  const readable = text.trim() !== "" && Number.isFinite(typed) && typed >= 0;
  return (
    <span className="flex items-center gap-1.5">
      <input
        aria-invalid={!readable}
        className={`${fieldClass} w-24 text-right`}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          const next = Number(e.target.value.replace(",", "."));
          if (e.target.value.trim() !== "" && Number.isFinite(next)) onChange(next);
        }}
      />
      <span className="w-12 text-ink-2">{unit}</span>
    </span>
  );
}
