import { useEffect, useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import type { BuildUp, Edit } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../context";
import { elementsOf } from "../state";
import { revision } from "../sync";
import { BuildUpPicture } from "./BuildUpPicture";
import { DOES } from "./BuildUpPlies";
import { LengthField } from "./LengthField";

type Plies = BuildUp["plies"];
type Ply = Plies[number];

interface Props {
  readonly buildUp: BuildUp;
  readonly onClose: () => void;
}

/** Changes a build-up for every wall made of it, or copies it as a new one. Says beforehand what would happen. */
export function BuildUpEditor({ buildUp, onClose }: Props) {
  const { sync } = useBoardTools();
  const [name, setName] = useState(buildUp.name);
  const [plies, setPlies] = useState<Plies>(buildUp.plies);
  const walls = useBoard((s) => elementsOf(s, "wall").filter((w) => w.buildUp === buildUp.id).length);
  const changed = revision({ ...buildUp, name, plies });
  const fault = useFault(changed);
  const total = plies.reduce((sum, p) => sum + p.thicknessMm, 0);

  const save = async (edit: Edit) => {
    if (await sync.edit(edit)) onClose();
  };

  return (
    <Panel title="Build-up" onClose={onClose} wide>
      <Row label="Name">
        <input className={`${fieldClass} w-80`} value={name} onChange={(e) => setName(e.target.value)} />
      </Row>
      <div className="my-3 flex items-baseline justify-between text-ink-2">
        <span>Outside</span>
        <b className="font-semibold text-ink">{Number(total.toFixed(2))} mm</b>
        <span>Inside</span>
      </div>
      <BuildUpPicture plies={plies} />
      <PlyTable plies={plies} onChange={setPlies} />
      {fault && <Fault>{fault}</Fault>}
      <div className="mt-4 flex items-center justify-end gap-2">
        <span className="grow text-ink-2">
          {walls === 0
            ? "No wall is made of it yet."
            : `Every wall keeps its set-out line; ${walls} would change.`}
        </span>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          disabled={name.trim() === buildUp.name}
          title="Under another name"
          onClick={() => void save({ type: "addBuildUp", name, plies, source: buildUp.source })}
        >
          Add as new
        </Button>
        <Button main disabled={fault !== null} onClick={() => void save(changed)}>
          {walls > 0 ? `Change ${walls} walls` : "Change"}
        </Button>
      </div>
    </Panel>
  );
}

/** Why the edit would be refused, asked of the server for every change; null where it would not. */
function useFault(edit: Edit): string | null {
  const project = useBoard((s) => s.project);
  const [fault, setFault] = useState<string | null>(null);
  const asked = JSON.stringify(edit);
  useEffect(() => {
    let current = true;
    const ask = async () => {
      try {
        const body = JSON.parse(asked) as Edit;
        const params = { path: { project } };
        const answer = await answerOf(api.POST("/api/v1/projects/{project}/previews", { params, body }));
        return answer.refusal === "Nothing would change." ? null : answer.refusal;
      } catch (error) {
        return sentenceOf(error).replace(/^At [^:]*: /, "");
      }
    };
    void ask().then((why) => current && setFault(why));
    return () => {
      current = false;
    };
  }, [asked, project]);
  return fault;
}

function PlyTable({ plies, onChange }: { readonly plies: Plies; readonly onChange: (plies: Plies) => void }) {
  const elements = useBoard((s) => s.elements);
  const materials = elementsOf({ elements }, "material").map((m) => [m.id, m.name] as const);
  const set = (i: number, change: Partial<Ply>) =>
    onChange(plies.map((p, at) => (at === i ? whole({ ...p, ...change }) : p)));
  const swap = (i: number, j: number) =>
    onChange(plies.map((p, at) => plies[at === i ? j : at === j ? i : at] ?? p));
  const added: Ply = { material: materials[0]?.[0] ?? "", thicknessMm: 12.5, does: "LINING" };
  return (
    <>
      <ol className="mt-3">
        {plies.map((ply, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ply is known by its place
          <li key={i} className="flex items-center gap-2 border-rule border-t py-0.5">
            <span className="w-4 text-ink-3">{i + 1}</span>
            <Choice
              label={`Material of ply ${i + 1}`}
              className="grow"
              value={ply.material}
              options={materials}
              onChange={(material) => set(i, { material })}
            />
            <Choice
              label={`What ply ${i + 1} does`}
              value={ply.does}
              options={Object.entries(DOES) as [Ply["does"], string][]}
              onChange={(does) => set(i, { does })}
            />
            <LengthField
              label={`Thickness of ply ${i + 1}`}
              hideLabel
              disabled={ply.does === "SHEET"}
              mm={ply.thicknessMm}
              onChange={(thicknessMm) => set(i, { thicknessMm })}
            />
            <Button aria-label={`Move ply ${i + 1} out`} disabled={i === 0} onClick={() => swap(i, i - 1)}>
              ↑
            </Button>
            <Button
              aria-label={`Move ply ${i + 1} in`}
              disabled={i === plies.length - 1}
              onClick={() => swap(i, i + 1)}
            >
              ↓
            </Button>
            <Button
              aria-label={`Remove ply ${i + 1}`}
              onClick={() => onChange(plies.filter((_, at) => at !== i))}
            >
              ✕
            </Button>
          </li>
        ))}
      </ol>
      <div className="mt-2 flex gap-2">
        <Button onClick={() => onChange([added, ...plies])}>Add outside</Button>
        <Button onClick={() => onChange([...plies, added])}>Add inside</Button>
      </div>
    </>
  );
}

/** A membrane has no thickness; what stops being one gets some. */
function whole(ply: Ply): Ply {
  if (ply.does === "SHEET") return { ...ply, thicknessMm: 0 };
  return ply.thicknessMm === 0 ? { ...ply, thicknessMm: 12.5 } : ply;
}
