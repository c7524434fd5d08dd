import { useState } from "react";
import type { ElementOf } from "../../api/types";
import { useLayerFields } from "../../api/useLayerFields";
import { Choice, fieldClass } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { hiddenFrom, type Lens, onLayers, type Shown, showing, shownBy } from "../state/lenses";
import { elementsOf } from "../state/state";
import type { Chosen } from "./LensDialog";
import { inWords, tellsOf } from "./layerFields";
import { NewLayer } from "./NewLayer";

type Layer = ElementOf<"layer">;

const NEXT: Record<Shown, Shown> = { FULL: "FAINT", FAINT: "HIDDEN", HIDDEN: "FULL" };
const WORDS: Record<Shown, string> = { FULL: "Shown", FAINT: "Faint", HIDDEN: "Hidden" };
const LOOKS: Record<Shown, string> = {
  FULL: "bg-paper text-ink-2",
  FAINT: "bg-ochre-2 text-ochre",
  HIDDEN: "bg-ink text-paper",
};

interface Props {
  readonly chosen: Chosen | null;
  readonly onChoose: (chosen: Chosen) => void;
}

/** A click on a cell shows the layer the next way; on a name, it is told of closer. */
export function LensTable({ chosen, onChoose }: Props) {
  const elements = useBoard((s) => s.elements);
  const fields = useLayerFields();
  const [sought, setSought] = useState("");
  const [differing, setDiffering] = useState(false);
  const [beside, setBeside] = useState<readonly [string, string]>(["", ""]);
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const all = elementsOf({ elements }, "lens").sort((a, b) => a.name.localeCompare(b.name));
  const two = all.filter((l) => beside.includes(l.id));
  const lenses = two.length === 2 ? two : all;
  const layers = elementsOf({ elements }, "layer")
    .filter((l) =>
      `${l.group} ${l.name} ${inWords(tellsOf(l.name, fields) ?? [])}`
        .toLowerCase()
        .includes(sought.trim().toLowerCase()),
    )
    .filter((l) => !differing || new Set(lenses.map((lens) => shownBy(lens, l.id))).size > 1);
  const groups = [...new Set(layers.map((l) => l.group))].sort();
  return (
    <>
      <div className="mb-2 flex items-center gap-4">
        <input
          aria-label="Part of a layer's name"
          placeholder="Part of a layer's name"
          className={`${fieldClass} w-56`}
          value={sought}
          onChange={(e) => setSought(e.target.value)}
        />
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={differing} onChange={() => setDiffering(!differing)} />
          Only those the lenses show differently
        </label>
        <Beside lenses={all} beside={beside} onChange={setBeside} />
      </div>
      <div className="overflow-x-auto">
        <table className="border-collapse">
          <thead>
            <tr className="align-bottom">
              <th className="min-w-44 p-1 text-left font-normal text-ink-2">Layer</th>
              <th className="p-1 text-right font-normal text-ink-2">Things</th>
              {lenses.map((l) => (
                <th key={l.id} scope="col" className="w-22 p-0.5">
                  <Name of={{ kind: "lens", id: l.id }} chosen={chosen} onChoose={onChoose}>
                    {l.name}
                  </Name>
                </th>
              ))}
            </tr>
          </thead>
          {groups.map((group) => (
            <tbody key={group}>
              <tr>
                <th
                  scope="rowgroup"
                  colSpan={lenses.length + 2}
                  className="border-rule border-b pt-2 text-left font-normal text-ink-2"
                >
                  <button
                    type="button"
                    aria-expanded={!folded.has(group)}
                    className="hover:text-ink"
                    onClick={() => setFolded(toggled(folded, group))}
                  >
                    {folded.has(group) ? "▸" : "▾"} {group || "In no group"}
                    {folded.has(group) && `, ${layers.filter((l) => l.group === group).length}`}
                  </button>
                </th>
              </tr>
              {layers
                .filter((l) => l.group === group && !folded.has(group))
                .map((l) => (
                  <LayerRow key={l.id} layer={l} lenses={lenses} chosen={chosen} onChoose={onChoose} />
                ))}
            </tbody>
          ))}
        </table>
      </div>
      <NewLayer />
    </>
  );
}

function toggled(folded: ReadonlySet<string>, group: string): ReadonlySet<string> {
  const next = new Set(folded);
  if (!next.delete(group)) next.add(group);
  return next;
}

interface BesideProps {
  readonly lenses: readonly Lens[];
  readonly beside: readonly [string, string];
  readonly onChange: (beside: readonly [string, string]) => void;
}

/** Two lenses to look at beside each other, without the rest. */
function Beside({ lenses, beside: [one, other], onChange }: BesideProps) {
  const options = (not: string) => [
    ["", "any"] as const,
    ...lenses.filter((l) => l.id !== not).map((l) => [l.id, l.name] as const),
  ];
  return (
    <span className="flex items-center gap-2">
      Only
      <Choice
        label="One lens"
        value={one}
        options={options(other)}
        onChange={(id) => onChange([id, other])}
      />
      and
      <Choice
        label="Another lens beside it"
        value={other}
        options={options(one)}
        onChange={(id) => onChange([one, id])}
      />
    </span>
  );
}

function LayerRow({ layer, lenses, ...names }: Props & { readonly layer: Layer; readonly lenses: Lens[] }) {
  const count = useBoard((s) => onLayers(s).get(layer.id) ?? 0);
  return (
    <tr>
      <th scope="row" className="p-0.5 text-left">
        <Name of={{ kind: "layer", id: layer.id }} {...names}>
          {layer.name}
          {layer.locked && <span className="font-normal text-ink-3">, locked</span>}
        </Name>
      </th>
      <td className="p-1 text-right text-ink-2">{count}</td>
      {lenses.map((lens) => (
        <td key={lens.id} className="p-0.5">
          <Cell lens={lens} layer={layer} />
        </td>
      ))}
    </tr>
  );
}

function Name({
  of,
  chosen,
  onChoose,
  children,
}: Props & { readonly of: Chosen; readonly children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={of.id === chosen?.id}
      className="rounded px-1.5 py-0.5 text-left font-semibold hover:bg-lime-2 aria-pressed:bg-ink aria-pressed:text-paper"
      onClick={() => onChoose(of)}
    >
      {children}
    </button>
  );
}

/** Shows at once what was clicked: a second click goes on from there, however late the first is answered. */
function Cell({ lens, layer }: { readonly lens: Lens; readonly layer: Layer }) {
  const { sync } = useBoardTools();
  const [meant, setMeant] = useState<{ shown: Shown } | null>(null);
  const shown = meant?.shown ?? shownBy(lens, layer.id);
  const from = hiddenFrom(lens, layer.id);
  const next = async () => {
    const click = { shown: NEXT[shown] };
    setMeant(click);
    await sync.revise(showing(lens, layer.id, click.shown));
    setMeant((last) => (last === click ? null : last));
  };
  return (
    <button
      type="button"
      aria-label={`${layer.name} in ${lens.name}: ${WORDS[shown]}`}
      className={`w-full rounded border border-rule px-1 py-0.5 ${LOOKS[shown]}`}
      onClick={() => void next()}
    >
      {WORDS[shown]}
      {from > 0 && shown !== "HIDDEN" && <span className="block text-xs">not from 1:{from}</span>}
    </button>
  );
}
