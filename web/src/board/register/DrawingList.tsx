import { useState } from "react";
import type { Drawing } from "../../api/types";
import { fieldClass } from "../../ui/controls";
import { bring } from "../sheets/placing";
import { useBoard, useBoardTools } from "../state/context";
import { BLOCKS, hasScale, isToldWhole, register, sheetsOf, TABLES } from "../state/drawings";
import { scaleWords } from "../state/scales";
import { type Elements, elementOf, elementsOf, unitsOf } from "../state/state";

/** From how many drawings on they are searched. */
const MANY = 6;

/** The drawings by storey and kind, with what they are seen through, their scales and the sheets they stand on. */
export function DrawingList() {
  const elements = useBoard((s) => s.elements);
  const [sought, setSought] = useState("");
  const all = register({ elements });
  const found = all.filter((d) => said(elements, d).includes(sought.trim().toLowerCase()));
  const storeys = elementsOf({ elements }, "storey").sort((a, b) => a.levelMm - b.levelMm);
  const groups: (readonly [string, Drawing[]])[] = [
    ...storeys.map((s) => [s.name, found.filter((d) => d.kind === "PLAN" && d.storey === s.id)] as const),
    ["Elevations", found.filter((d) => d.kind === "ELEVATION")],
    ["Walls of rooms", found.filter((d) => d.kind === "INTERIOR")],
    [
      "Sections, stairs, trusses",
      found.filter((d) => d.kind === "SECTION" || d.kind === "STAIR" || d.kind === "TRUSS"),
    ],
    ["Words and pictures", found.filter((d) => BLOCKS.includes(d.kind))],
    [
      "Schedules",
      found.filter((d) => d.kind === "BUILD_UPS" || d.kind === "LEGEND" || TABLES.includes(d.kind)),
    ],
  ];
  return (
    <>
      {all.length >= MANY && (
        <input
          aria-label="Drawings whose name, lens or sheet has"
          placeholder="Part of a name, lens or sheet"
          className={`${fieldClass} mt-1 w-full`}
          value={sought}
          onChange={(e) => setSought(e.target.value)}
        />
      )}
      {groups
        .filter(([, drawings]) => drawings.length > 0)
        .map(([name, drawings]) => (
          <section key={name} aria-label={name}>
            <h3 className="mt-2 text-ink-2">{name}</h3>
            <ul>
              {drawings.map((d) => (
                <Entry key={d.id} drawing={d} />
              ))}
            </ul>
          </section>
        ))}
      {found.length === 0 && <p className="py-1 text-ink-2">No drawing is called so.</p>}
    </>
  );
}

function said(elements: Elements["elements"], drawing: Drawing): string {
  const lens = elementOf({ elements }, "lens", drawing.lens)?.name ?? "";
  const sheets = sheetsOf({ elements }, drawing.id).map((s) => `${s.number} ${s.title}`);
  return [drawing.name, lens, ...sheets].join(" ").toLowerCase();
}

function Entry({ drawing }: { readonly drawing: Drawing }) {
  const { store, sync } = useBoardTools();
  const onSheet = useBoard((s) => s.shown?.kind === "sheet" && !s.version);
  const elements = useBoard((s) => s.elements);
  const open = useBoard((s) => s.shown?.id === drawing.id);
  const units = useBoard(unitsOf);
  const sheets = sheetsOf({ elements }, drawing.id).map((s) => s.number);
  const lens = elementOf({ elements }, "lens", drawing.lens)?.name;
  const words = !hasScale(drawing) ? [] : [lens, scaleWords(drawing.scale, units)];
  const none = drawing.leftOut ? "left out on purpose" : "on no sheet";
  const placed = sheets.length > 0 ? `on ${sheets.join(", ")}` : none;
  const stamp = useBoard((s) => isToldWhole(s, drawing)) ? ["set out whole"] : [];
  return (
    <li
      draggable={onSheet}
      onDragStart={(e) => bring(store, drawing, e.dataTransfer)}
      className={`relative rounded px-2 py-0.5 ${open ? "bg-ink text-paper" : "hover:bg-lime-2"}`}
    >
      <button
        type="button"
        aria-current={open}
        className={`w-full text-left before:absolute before:inset-0 ${open ? "font-semibold" : ""}`}
        onClick={() => void sync.show({ kind: "drawing", id: drawing.id })}
      >
        {drawing.name}
      </button>
      <p className={`truncate text-xs ${open ? "text-paper" : "text-ink-2"}`}>
        {[...words, ...stamp, placed].join(" · ")}
      </p>
    </li>
  );
}
