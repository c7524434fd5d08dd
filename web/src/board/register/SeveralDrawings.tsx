import { useState } from "react";
import { Button, Choice, Panel, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { freeName, workingPlan } from "../state/drawings";
import { addingSeveral, type NewDrawing } from "../state/revisions";
import { SCALES } from "../state/scales";
import { type Elements, elementsOf, unitsOf } from "../state/state";

/** Plans of several storeys through several lenses, made at once. */
export function SeveralDrawings() {
  const { store, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const units = useBoard(unitsOf);
  const storeys = elementsOf({ elements }, "storey").sort((a, b) => a.levelMm - b.levelMm);
  const lenses = elementsOf({ elements }, "lens").sort((a, b) => a.name.localeCompare(b.name));
  const [of, setOf] = useState<readonly string[]>(storeys.map((s) => s.id));
  const [through, setThrough] = useState<readonly string[]>([]);
  const [scale, setScale] = useState("");
  const made = meant({ elements }, of, through, Number(scale) || undefined);
  const close = () => store.setState({ dialog: null });
  const make = async () => {
    if (await sync.edit(addingSeveral(made))) close();
  };
  return (
    <Panel title="Several drawings at once" size="w-150" onClose={close}>
      <div className="grid grid-cols-2 gap-x-6">
        <Several words="Plans of" options={storeys} chosen={of} onChange={setOf} />
        <Several words="Through" options={lenses} chosen={through} onChange={setThrough} />
      </div>
      <Row label="Scale">
        <Choice
          value={scale}
          options={[
            ["", "As each storey's first plan"],
            ...SCALES[units].map(([n, words]) => [String(n), words] as const),
          ]}
          onChange={setScale}
        />
      </Row>
      <p className="py-1 text-ink-2">
        {made.length === 0 ? "Choose storeys and lenses." : made.map((d) => d.name).join(" · ")}
      </p>
      <div className="flex justify-end">
        <Button main disabled={made.length === 0} onClick={() => void make()}>
          {made.length === 1 ? "Make one drawing" : `Make ${made.length} drawings`}
        </Button>
      </div>
    </Panel>
  );
}

/** One of each storey through each lens, under names that no drawing has. */
function meant(
  state: Elements,
  of: readonly string[],
  through: readonly string[],
  scale: number | undefined,
): NewDrawing[] {
  return elementsOf(state, "storey")
    .filter((s) => of.includes(s.id))
    .sort((a, b) => a.levelMm - b.levelMm)
    .flatMap((storey) =>
      elementsOf(state, "lens")
        .filter((l) => through.includes(l.id))
        .map((lens) => ({
          name: freeName(state, `${storey.name}, ${lens.name.toLowerCase()}`),
          kind: "PLAN" as const,
          storey: storey.id,
          lens: lens.id,
          scale: scale ?? workingPlan(state, storey.id)?.scale ?? 50,
          frame: { type: "all" } as const,
          also: [],
        })),
    );
}

interface Props {
  readonly words: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly chosen: readonly string[];
  readonly onChange: (chosen: readonly string[]) => void;
}

/** Any of a list, one below the other. */
function Several({ words, options, chosen, onChange }: Props) {
  const toggle = (id: string) =>
    onChange(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id]);
  return (
    <fieldset>
      <legend className="text-ink-2">{words}</legend>
      {options.map(({ id, name }) => (
        <label key={id} className="flex items-center gap-2 py-0.5 pl-2">
          <input type="checkbox" checked={chosen.includes(id)} onChange={() => toggle(id)} />
          {name}
        </label>
      ))}
    </fieldset>
  );
}
