import type { Stair } from "../../api/types";
import { LengthField } from "../fields/LengthField";
import { NumberField } from "../fields/NumberField";
import { AboveField, GoingField } from "../making/NewStair";
import { useBoard, useBoardTools } from "../state/context";
import { drawingOfStair } from "../state/revisions";
import { layoutOf, shapeOf } from "../tools/parts/stairs";
import { ItsDrawing } from "./ItsDrawing";
import { LayoutFields, MakeFields } from "./StairFields";

/** The facts of a selected stair: what was decided, and every figure beside its rule. */
export function StairFacts({ stair }: { readonly stair: Stair }) {
  const { sync } = useBoardTools();
  const sum = useBoard((s) => s.stairSum);
  const revise = (change: Partial<Stair>) => void sync.revise({ ...stair, ...change, type: "stair" });
  const { shape, risers, going } = stair;
  const flights = shape.type === "flights" ? shape : null;
  const [turn] = flights?.turns ?? [];
  const laid = {
    layout: layoutOf(shape),
    side: shape.type === "spiral" ? shape.side : (turn?.side ?? "LEFT"),
    landingMm: turn?.type === "landing" ? turn.lengthMm : 0,
    first: flights?.before[0] ?? Math.max(2, Math.round((sum?.risers ?? 14) / 2)),
    wellMm: turn?.type === "landing" && turn.way === "HALF" ? turn.wellMm : 100,
  } as const;
  return (
    <>
      <Figures />
      <LayoutFields
        laid={laid}
        widthMm={stair.widthMm}
        onChange={(next) => revise({ shape: shapeOf(next, stair.make.newelMm) })}
      />
      <LengthField label="Width" mm={stair.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <NumberField
        label="Risers"
        value={risers.type === "fixedRisers" ? risers.count : null}
        hint={sum ? `by rule, ${sum.risers}` : "by rule"}
        onChange={(count) =>
          revise({ risers: count === null ? { type: "leastRisers" } : { type: "fixedRisers", count } })
        }
      />
      <GoingField
        goingMm={going.type === "fixedGoing" ? going.mm : null}
        shownMm={sum?.goingMm ?? 250}
        onChange={(mm) =>
          revise({ going: mm === null ? { type: "goingByRule" } : { type: "fixedGoing", mm } })
        }
      />
      <AboveField above={stair.above} onChange={(above) => revise({ above })} />
      <MakeFields make={stair.make} onChange={(make) => revise({ make })} />
      <ItsDrawing
        of={stair.id}
        draw="Add its drawing"
        open={`Open the drawing of ${stair.mark}`}
        edit={(state) => drawingOfStair(state, stair)}
      />
    </>
  );
}

/** Every figure with what the rules ask of it, and where they say so. */
function Figures() {
  const sum = useBoard((s) => s.stairSum);
  if (!sum) return null;
  if (sum.cannot) return <p className="py-1 text-oxide">{sum.cannot}</p>;
  return (
    <div className="mb-2 border-rule border-b pb-2">
      <p className="text-ink-2">
        {sum.rise} from floor to floor, by {sum.rules}
      </p>
      <table className="mt-1 w-full" aria-label="Figures of the stair">
        <tbody>
          {sum.figures.map((f) => (
            <tr key={f.name} title={f.source} className={f.holds ? "" : "text-oxide"}>
              <td className="py-0.5 pr-1 align-baseline">
                {f.name}
                {f.asked && (
                  <span className="block text-ink-3 text-xs">
                    {f.asked}, {f.source}
                  </span>
                )}
              </td>
              <td className="py-0.5 text-right align-baseline font-drawing text-[15px]">
                {f.value}
                {!f.holds && " ✕"}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sum.adds && <p className="pt-1 text-ink-2">Rounded as drawn, {sum.adds}.</p>}
    </div>
  );
}
