import type { ElementOf, Faces } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { LengthText } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf, elementsOf } from "../state/state";

export const FACES: readonly (readonly [Faces, string])[] = [
  ["FINISH", "Finished faces"],
  ["STRUCTURE", "Structures"],
  ["MIDDLE", "Middles of structures"],
];

const link = "min-h-6 text-verdigris underline hover:text-ink";

/** The gaps of the wall selected: what is measured between, and which are kept. */
export function GapFacts() {
  const { actions, sync, store } = useBoardTools();
  const gaps = useBoard((s) => s.gaps);
  const at = useBoard((s) => s.gapAt);
  const faces = useBoard((s) => s.faces);
  const elements = useBoard((s) => s.elements);
  if (gaps.length === 0) return null;
  return (
    <div className="mb-3 border-rule border-b pb-3">
      <Row label="Gaps between">
        <Choice value={faces} options={FACES} onChange={(f) => actions.changing.measureBetween(f)} />
      </Row>
      <ul>
        {gaps.map((g, i) => (
          <li
            key={`${g.gap.type}${g.gap.other}`}
            className="flex items-baseline justify-between gap-2 py-0.5"
          >
            <button
              type="button"
              aria-pressed={i === at}
              className="min-h-6 text-left aria-pressed:font-semibold aria-pressed:text-ochre"
              onClick={() => store.setState({ gapAt: i })}
            >
              {g.gap.type === "ahead" ? "ahead to" : "to"}{" "}
              {elementOf({ elements }, "wall", g.gap.other)?.mark}
            </button>
            <span className="grow text-right font-drawing">{g.printed}</span>
            {g.gap.type === "ahead" ? (
              <span className="w-12" />
            ) : g.kept ? (
              <button
                type="button"
                className={`${link} w-12 text-right`}
                onClick={() => void sync.erase([g.kept ?? ""])}
              >
                Let go
              </button>
            ) : (
              <button
                type="button"
                className={`${link} w-12 text-right`}
                onClick={() => void actions.changing.keepGap(g)}
              >
                Keep
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** All gaps that are kept on the storeys, with a way to let each go. */
export function KeptGaps() {
  const elements = useBoard((s) => s.elements);
  const kept = elementsOf({ elements }, "keptGap");
  if (kept.length === 0) return null;
  return (
    <div className="mt-4 border-rule border-t pt-3 first:mt-0 first:border-t-0 first:pt-0">
      <Section title="Kept gaps" words="later edits hold them">
        <ul>
          {kept.map((k) => (
            <Kept key={k.id} kept={k} />
          ))}
        </ul>
      </Section>
    </div>
  );
}

function Kept({ kept }: { readonly kept: ElementOf<"keptGap"> }) {
  const { actions, sync } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const mark = (id: string) => elementOf({ elements }, "wall", id)?.mark ?? "";
  return (
    <li className="flex items-baseline justify-between gap-2 py-0.5">
      <button
        type="button"
        className="min-h-6 text-left hover:text-verdigris"
        onClick={() => actions.selection.selectJust([kept.gap.wall])}
      >
        {mark(kept.gap.wall)} to {mark(kept.gap.other)}
      </button>
      <span className="grow text-right font-drawing">
        <LengthText mm={kept.clearMm} />
      </span>
      <button type="button" className={`${link} w-12 text-right`} onClick={() => void sync.erase([kept.id])}>
        Let go
      </button>
    </li>
  );
}
