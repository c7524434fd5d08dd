import { useState } from "react";
import type { ElementOf } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { Accepted } from "../fields/Accepted";
import { useBoard, useBoardTools } from "../state/context";
import { hiddenFrom, onLayers, showing, shownBy } from "../state/lenses";
import { withoutLayer } from "../state/revisions";
import { elementsOf } from "../state/state";
import { LayerNameFields } from "./LayerNameFields";
import { PenFields } from "./PenFields";

type Layer = ElementOf<"layer">;

const STANDS_FOR = [
  ["BUILT", "What is built"],
  ["NOT_BUILT", "What is not built"],
  ["ANNOTATION", "What is written"],
] as const;

interface Props {
  readonly layer: Layer;
  readonly onGone: () => void;
}

/** What a layer is called, stands for and is drawn with; deleting it says what lies on it. */
export function LayerFacts({ layer, onGone }: Props) {
  const { sync } = useBoardTools();
  const count = useBoard((s) => onLayers(s).get(layer.id) ?? 0);
  const revise = (change: Partial<Layer>) => void sync.revise({ ...layer, ...change, type: "layer" });
  return (
    <div className="mt-3 border-rule border-t pt-3">
      <Section
        title={`Layer ${layer.name}`}
        words={count === 1 ? "one thing on it" : `${count} things on it`}
      >
        <div className="grid grid-cols-3 gap-x-8">
          <Row label="Name">
            <Accepted value={layer.name} onAccept={(name) => revise({ name })} />
          </Row>
          <Row label="Group">
            <Accepted value={layer.group} onAccept={(group) => revise({ group })} />
          </Row>
          <Row label="Stands for">
            <Choice
              value={layer.standsFor}
              options={STANDS_FOR}
              onChange={(standsFor) => revise({ standsFor })}
            />
          </Row>
          <PenFields drawn={layer.drawn} onChange={(drawn) => revise({ drawn })} />
          <Row label="Ink, in lenses in colour">
            <span className="flex items-center gap-2">
              <input
                type="color"
                value={layer.ink || "#222b31"}
                onChange={(e) => revise({ ink: e.target.value })}
              />
              {layer.ink && <Button onClick={() => revise({ ink: "" })}>As all</Button>}
            </span>
          </Row>
          <label className="flex items-center gap-2 py-1">
            <input
              type="checkbox"
              checked={layer.locked}
              onChange={() => revise({ locked: !layer.locked })}
            />
            Locked: nothing on it is picked
          </label>
        </div>
        <LayerNameFields name={layer.name} onName={(name) => revise({ name })} />
        <LeftOut layer={layer} />
        <DeleteLayer layer={layer} count={count} onGone={onGone} />
      </Section>
    </div>
  );
}

/** From which scale on each lens leaves the layer out. */
function LeftOut({ layer }: { readonly layer: Layer }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const lenses = elementsOf({ elements }, "lens").sort((a, b) => a.name.localeCompare(b.name));
  return (
    <div className="mt-2 border-rule border-t pt-2">
      <p className="text-ink-2">Left out of drawings at this scale and smaller, 1: (0 at none)</p>
      <div className="grid grid-cols-4 gap-x-8">
        {lenses.map((lens) => (
          <Row key={lens.id} label={lens.name}>
            <Accepted
              value={String(hiddenFrom(lens, layer.id))}
              onAccept={(text) => {
                const from = Number(text.replace(/^1:/, ""));
                if (Number.isFinite(from))
                  void sync.revise(showing(lens, layer.id, shownBy(lens, layer.id), from));
              }}
            />
          </Row>
        ))}
      </div>
    </div>
  );
}

function DeleteLayer({ layer, count, onGone }: Props & { readonly count: number }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const others = elementsOf({ elements }, "layer").filter((l) => l.id !== layer.id);
  const [to, setTo] = useState(others[0]?.id ?? "");
  if (others.length === 0) return null;
  const gone = async (to: string | null) => {
    if (await sync.edit(withoutLayer(layer.id, to))) onGone();
  };
  return (
    <div className="mt-2 flex items-center gap-2">
      <Button onClick={() => void gone(to)}>Delete the layer</Button>
      <span className="text-ink-2">
        {count > 0 ? "what lies on it goes to" : "what is drawn on it by itself goes to"}
      </span>
      <Choice
        label="Its things go to"
        value={to}
        options={others.map((l) => [l.id, l.name] as const)}
        onChange={setTo}
      />
      {count > 0 && (
        <Button className="ml-4" onClick={() => void gone(null)}>
          Delete it with {count === 1 ? "what lies on it" : `all ${count} things on it`}
        </Button>
      )}
    </div>
  );
}
