import { useState } from "react";
import type { Drawing, Edit } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import type { Sync } from "../link/sync";
import { useBoard, useBoardTools } from "../state/context";
import { freeName, hasScale, register, sheetsOf } from "../state/drawings";
import { erasure, placedBefore } from "../state/revisions";
import { elementsOf } from "../state/state";

/** What is done with the drawing that is open: its place in the register, another like it, and its end. */
export function ThisDrawing({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const all = register({ elements });
  const at = all.findIndex((d) => d.id === drawing.id);
  const alike = all.filter((d) => d.kind === drawing.kind && d.storey === drawing.storey);
  const place = alike.findIndex((d) => d.id === drawing.id);
  const move = (before: Drawing | undefined, moved: Drawing | undefined) => {
    if (before && moved) void sync.edit(placedBefore(moved.id, before.id));
  };
  const sheets = sheetsOf({ elements }, drawing.id);
  const remove = async () => {
    const next = all[at - 1] ?? all[at + 1];
    if (next) await sync.show({ kind: "drawing", id: next.id });
    if (!(await sync.edit(erasure([drawing.id])))) await sync.show({ kind: "drawing", id: drawing.id });
  };
  return (
    <section className="mt-3 border-rule border-t pt-2">
      <h3 className="truncate font-semibold">{drawing.name}</h3>
      <div className="flex flex-wrap gap-2 py-1">
        <Button disabled={place <= 0} onClick={() => move(alike[place - 1], drawing)}>
          Earlier
        </Button>
        <Button disabled={place >= alike.length - 1} onClick={() => move(drawing, alike[place + 1])}>
          Later
        </Button>
        <Button onClick={() => void remove()}>
          {sheets.length > 0 ? `Delete, also from ${sheets.map((s) => s.number).join(", ")}` : "Delete"}
        </Button>
      </div>
      {sheets.length === 0 && hasScale(drawing) && (
        <label className="flex items-center gap-2 py-0.5">
          <input
            type="checkbox"
            checked={drawing.leftOut}
            onChange={() => void sync.revise({ ...drawing, leftOut: !drawing.leftOut, type: "drawing" })}
          />
          <span>Left out of the set on purpose</span>
        </label>
      )}
      {drawing.kind === "PLAN" && <Another drawing={drawing} />}
      {!hasScale(drawing) && <AnotherTable drawing={drawing} />}
    </section>
  );
}

/** The same plan through another lens. */
function Another({ drawing }: { readonly drawing: Drawing }) {
  const { store, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const lenses = elementsOf({ elements }, "lens");
  const [chosen, setChosen] = useState("");
  const lens = chosen || drawing.lens;
  const make = async () => {
    const through = lenses.find((l) => l.id === lens)?.name.toLowerCase() ?? "";
    const name = freeName(sync.state, `${drawing.name}, ${through}`);
    await makeAndShow(sync, { type: "addLike", drawing: drawing.id, name, lens }, name);
  };
  return (
    <>
      <Row label="Another, through">
        <Choice value={lens} options={lenses.map((l) => [l.id, l.name] as const)} onChange={setChosen} />
      </Row>
      <div className="flex items-center justify-between">
        <Button onClick={() => store.setState({ dialog: "drawings" })}>Several at once</Button>
        <Button onClick={() => void make()}>Add</Button>
      </div>
    </>
  );
}

/** The same schedule again, to list something else; the same words again, to say others. */
function AnotherTable({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const make = async () => {
    const name = freeName(sync.state, drawing.name);
    await makeAndShow(sync, { type: "addLike", drawing: drawing.id, name, lens: drawing.lens }, name);
  };
  return <Button onClick={() => void make()}>Another like it</Button>;
}

async function makeAndShow(sync: Sync, edit: Edit, name: string): Promise<void> {
  if (!(await sync.edit(edit))) return;
  const made = elementsOf(sync.state, "drawing").find((d) => d.name === name);
  if (made) await sync.show({ kind: "drawing", id: made.id });
}
