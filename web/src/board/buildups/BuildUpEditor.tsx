import type { BuildUp, Edit } from "../../api/types";
import { Button, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { LengthText } from "../fields/LengthField";
import { useDraft } from "../fields/useDraft";
import { useBoard, useBoardTools } from "../state/context";
import { revision } from "../state/revisions";
import { elementsOf } from "../state/state";
import { useJudgement } from "../things/useJudgement";
import { BuildUpPicture } from "./BuildUpPicture";
import { HeatSum } from "./HeatSum";
import { PlyTable } from "./PlyTable";

interface Props {
  readonly buildUp: BuildUp;
  /** With the id of one that was added as new. */
  readonly onAdded: (buildUp: string) => void;
  readonly onClose: () => void;
}

/** Changes a build-up for every wall made of it, or copies it as a new one. Says beforehand what would happen. */
export function BuildUpEditor({ buildUp, onAdded, onClose }: Props) {
  const { sync } = useBoardTools();
  const { draft: made, put, settled } = useDraft(buildUp);
  const set = (change: Partial<BuildUp>) => put({ ...made, ...change });
  const judgement = useJudgement(made, changing(made));
  const total = made.plies.reduce((sum, p) => sum + p.thicknessMm, 0);
  const save = async (edit: (buildUp: BuildUp) => Edit) => {
    const done = settled();
    const before = sync.state.elements;
    if (!done || !(await sync.edit(edit(done)))) return;
    const added = elementsOf(sync.state, "buildUp").find((b) => !before.has(b.id));
    if (added) onAdded(added.id);
    onClose();
  };
  return (
    <Panel title="Build-up" onClose={onClose} size="w-272">
      <div className="flex gap-6">
        <div className="min-w-0 grow">
          <div className="flex gap-4">
            <Row label="Mark">
              <Text words={made.mark} width="w-16" onChange={(mark) => set({ mark })} />
            </Row>
            <Row label="Name">
              <Text words={made.name} width="w-72" onChange={(name) => set({ name })} />
            </Row>
          </div>
          <div className="my-2 flex items-baseline justify-between text-ink-2">
            <span>Outside</span>
            <b className="font-semibold text-ink">
              <LengthText mm={total} />
            </b>
            <span>Inside</span>
          </div>
          <BuildUpPicture plies={made.plies} picture={judgement.look?.picture ?? null} />
          <PlyTable plies={made.plies} onChange={(plies) => set({ plies })} />
        </div>
        <aside className="w-76 shrink-0">
          <HeatSum heat={judgement.look?.heat ?? null} />
          <div className="mt-3 border-rule border-t pt-2">
            <Row label="Fire">
              <Text words={made.fire} width="w-52" onChange={(fire) => set({ fire })} />
            </Row>
            <Row label="Sound">
              <Text words={made.sound} width="w-52" onChange={(sound) => set({ sound })} />
            </Row>
            <Row label="Source">
              <Text words={made.source} width="w-52" onChange={(source) => set({ source })} />
            </Row>
          </div>
          <UsedBy buildUp={buildUp.id} onShow={onClose} />
          {judgement.effects.length > 0 && (
            <section aria-label="What else changes" className="mt-2 border-rule border-t pt-2 text-ink-2">
              {judgement.effects.map((sentence) => (
                <p key={sentence}>{sentence}</p>
              ))}
            </section>
          )}
        </aside>
      </div>
      {judgement.fault && <Fault>{judgement.fault}</Fault>}
      <Buttons
        buildUp={buildUp}
        renamed={made.name.trim() !== buildUp.name}
        refused={judgement.fault !== null}
        onClose={onClose}
        onAdd={() => void save(adding)}
        onChange={() => void save(changing)}
      />
    </Panel>
  );
}

function changing(buildUp: BuildUp): Edit {
  return revision({ ...buildUp, type: "buildUp" });
}

function adding(buildUp: BuildUp): Edit {
  return { type: "addBuildUp", buildUp: { ...buildUp, type: "buildUp" } };
}

interface TextProps {
  readonly words: string;
  readonly width: string;
  readonly onChange: (words: string) => void;
}

function Text({ words, width, onChange }: TextProps) {
  return (
    <input className={`${fieldClass} ${width}`} value={words} onChange={(e) => onChange(e.target.value)} />
  );
}

/** Which walls are made of a build-up, by their marks, with a way to select them. */
function UsedBy({ buildUp, onShow }: { readonly buildUp: string; readonly onShow: () => void }) {
  const { actions } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const walls = elementsOf({ elements }, "wall").filter((w) => w.buildUp === buildUp);
  if (walls.length === 0) return <p className="mt-3 border-rule border-t pt-2 text-ink-2">Not used yet.</p>;
  const select = () => {
    actions.selection.selectMadeOf(buildUp);
    onShow();
  };
  return (
    <p className="mt-3 border-rule border-t pt-2 text-ink-2">
      Used by {walls.map((w) => w.mark).join(", ")}.{" "}
      <button type="button" className="text-verdigris underline" onClick={select}>
        Select them
      </button>
    </p>
  );
}

/** Ids of what was added in the project; others came with the stock. */
const ADDED = /^r\d+-/;

/** Beside a sentence that wraps. */
const WHOLE = "shrink-0 whitespace-nowrap";

function changeWords(walls: number, stock: boolean, renamed: boolean): string {
  const what = stock ? "Change the stock's" : renamed ? "Rename and change" : "Change";
  return walls > 0 ? `${what}, ${walls} walls` : what;
}

interface ButtonsProps {
  readonly buildUp: BuildUp;
  readonly renamed: boolean;
  readonly refused: boolean;
  readonly onClose: () => void;
  readonly onAdd: () => void;
  readonly onChange: () => void;
}

function Buttons({ buildUp, renamed, refused, onClose, onAdd, onChange }: ButtonsProps) {
  const walls = useBoard((s) => elementsOf(s, "wall").filter((w) => w.buildUp === buildUp.id).length);
  const stock = !ADDED.test(buildUp.id);
  const isNewFirst = stock || renamed;
  return (
    <div className="-bottom-5 sticky -mb-5 flex items-center justify-end gap-2 bg-lime pt-3 pb-5">
      <span className="grow text-ink-2">
        {stock &&
          !renamed &&
          `${buildUp.name} comes with the stock: under another name yours is added beside it. `}
        {walls === 0
          ? "No wall is made of it yet."
          : `Every wall keeps its set-out line; ${walls} would change.`}
      </span>
      <Button onClick={onClose}>Cancel</Button>
      <Button className={WHOLE} main={!isNewFirst} disabled={refused} onClick={onChange}>
        {changeWords(walls, stock, renamed)}
      </Button>
      <Button
        className={WHOLE}
        main={isNewFirst}
        disabled={!renamed || refused}
        title="Under another name"
        onClick={onAdd}
      >
        Add as new
      </Button>
    </div>
  );
}
