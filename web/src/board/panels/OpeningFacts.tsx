import type { Opening } from "../../api/types";
import { useBoardTools } from "../context";
import { LengthField } from "./LengthField";
import { OpeningKindFields } from "./OpeningKindFields";

/** The facts of a selected door or window. */
export function OpeningFacts({ opening }: { readonly opening: Opening }) {
  const { sync } = useBoardTools();
  const revise = (change: Partial<Opening>) => void sync.revise({ ...opening, ...change, type: "opening" });
  const { placing, kind } = opening;
  return (
    <>
      <LengthField
        label={placing.from === "START" ? "From the wall's start" : "From the wall's end"}
        mm={placing.distanceMm}
        onChange={(distanceMm) => revise({ placing: { ...placing, distanceMm } })}
      />
      <LengthField label="Width" mm={opening.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <LengthField label="Height" mm={opening.heightMm} onChange={(heightMm) => revise({ heightMm })} />
      <LengthField label="Sill" mm={opening.sillMm} onChange={(sillMm) => revise({ sillMm })} />
      <OpeningKindFields kind={kind} onChange={(next) => revise({ kind: next })} />
    </>
  );
}
