import type { BuildUp } from "../../api/types";
import { Button } from "../../ui/controls";
import { useBoard } from "../state/context";
import { elementsOf } from "../state/state";
import { PlyFields } from "./PlyFields";

type Plies = BuildUp["plies"];

interface Props {
  readonly plies: Plies;
  readonly onChange: (plies: Plies) => void;
  /** Material and thickness alone, for a panel. */
  readonly narrow?: boolean;
}

/** The plies of a build-up, outside in, to change, order, add and remove. */
export function PlyTable({ plies, onChange, narrow }: Props) {
  const elements = useBoard((s) => s.elements);
  const row = `flex items-start gap-1.5 border-rule border-t py-0.5 ${narrow ? "flex-wrap" : ""}`;
  const swap = (i: number, j: number) =>
    onChange(plies.map((p, at) => plies[at === i ? j : at === j ? i : at] ?? p));
  const first = elementsOf({ elements }, "material").find((m) => m.name === "Plasterboard");
  const added: Plies[number] = {
    material: first?.id ?? elementsOf({ elements }, "material")[0]?.id ?? "",
    thicknessMm: 12.5,
    does: "LINING",
    framing: { type: "solid" },
  };
  return (
    <>
      <ol className="mt-2">
        {plies.map((ply, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ply is known by its place
          <li key={i} className={row}>
            <span className="w-4 pt-1.5 text-ink-3">{i + 1}</span>
            <PlyFields
              place={i + 1}
              ply={ply}
              narrow={narrow}
              onChange={(changed) => onChange(plies.map((p, at) => (at === i ? changed : p)))}
            />
            <span className={`flex gap-1 ${narrow ? "basis-full justify-end pb-1" : "pt-1"}`}>
              <Small label={`Move ply ${i + 1} out`} disabled={i === 0} onClick={() => swap(i, i - 1)}>
                ↑
              </Small>
              <Small
                label={`Move ply ${i + 1} in`}
                disabled={i === plies.length - 1}
                onClick={() => swap(i, i + 1)}
              >
                ↓
              </Small>
              <Small
                label={`Remove ply ${i + 1}`}
                onClick={() => onChange(plies.filter((_, at) => at !== i))}
              >
                ✕
              </Small>
            </span>
          </li>
        ))}
      </ol>
      <div className="mt-2 flex gap-2">
        <Button onClick={() => onChange([added, ...plies])}>
          {narrow ? "Add at the wall" : "Add outside"}
        </Button>
        <Button onClick={() => onChange([...plies, added])}>
          {narrow ? "Add to the room" : "Add inside"}
        </Button>
      </div>
    </>
  );
}

interface SmallProps {
  readonly label: string;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly children: string;
}

function Small({ label, children, ...rest }: SmallProps) {
  return (
    <Button aria-label={label} title={label} className="px-1.5! py-0!" {...rest}>
      {children}
    </Button>
  );
}
