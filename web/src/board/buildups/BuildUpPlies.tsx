import type { BuildUp } from "../../api/types";
import { printLength } from "../../measure/print";
import { LengthText } from "../fields/LengthField";
import { useBoard } from "../state/context";
import { elementOf, unitsOf } from "../state/state";
import { DOES } from "../things/setOut";

/** The plies of a build-up, outside in, with what each does. */
export function BuildUpPlies({ buildUp }: { readonly buildUp: BuildUp }) {
  const total = buildUp.plies.reduce((sum, ply) => sum + ply.thicknessMm, 0);
  return (
    <section className="mt-3 border-rule border-t pt-2.5">
      <h3 className="flex justify-between">
        <b className="font-semibold">Build-up, outside in</b>
        <span className="text-ink-2">
          <LengthText mm={total} />
        </span>
      </h3>
      <ul className="mt-1">
        {buildUp.plies.map((ply, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ply is known by its place
          <PlyRow key={i} ply={ply} />
        ))}
      </ul>
      {buildUp.source && <p className="mt-2 text-ink-3 text-xs">{buildUp.source}</p>}
    </section>
  );
}

function PlyRow({ ply }: { readonly ply: BuildUp["plies"][number] }) {
  const material = useBoard((s) => elementOf(s, "material", ply.material));
  const units = useBoard(unitsOf);
  const carries = ply.does === "CARRIES";
  return (
    <li
      className={`flex items-center gap-2 py-[3px] ${carries ? "-ml-[9px] border-verdigris border-l-[3px] pl-1.5" : ""}`}
    >
      <span
        className="h-3.5 w-6.5 shrink-0 border border-ink-2"
        style={ply.thicknessMm === 0 ? { height: 0 } : { background: material?.tint }}
      />
      <span className="grow">
        {material?.name} <span className="text-ink-3 text-xs">{DOES[ply.does]}</span>
      </span>
      <span className="whitespace-nowrap text-ink-2">
        {ply.thicknessMm > 0 && printLength(ply.thicknessMm, units)}
      </span>
    </li>
  );
}
