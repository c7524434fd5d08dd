import { useState } from "react";
import { reasonOf } from "../../api/client";
import type { Rules, StairLimit } from "../../api/types";
import { Button, Choice, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useDraft } from "../fields/useDraft";
import { useBoardTools } from "../state/context";
import { useStairRuleSets } from "./useStairRuleSets";

const WORDS: Readonly<Record<StairLimit["what"], string>> = {
  RISE_MOST: "Riser, at most",
  RISE_LEAST: "Riser, at least",
  GOING_LEAST: "Going, at least",
  GOING_MOST: "Going, at most",
  SUM_LEAST: "2R+G, at least",
  SUM_MOST: "2R+G, at most",
  PITCH_MOST: "Pitch, at most, degrees",
  HEADROOM_LEAST: "Headroom, at least",
  WIDTH_LEAST: "Width, at least",
  RISERS_MOST: "Risers in a flight, at most",
  RISERS_LEAST: "Risers in a flight, at least",
  RISE_BETWEEN_LANDINGS_MOST: "Rise between landings, at most",
  LANDING_LEAST: "Landing, at least",
  LANDING_OF_WIDTH_LEAST: "Landing, times the stair's width",
  WALKLINE_FROM_INSIDE: "Winders are walked so far from inside",
  WINDER_GOING_LEAST: "Winders, going where walked, at least",
  WINDER_NARROW_LEAST: "Winders, narrow end, at least",
  WINDERS_MOST: "Winders in a quarter turn, at most",
  NOSING_LEAST: "Nosing, at least",
  NOSING_MOST: "Nosing, at most",
  NOSING_NOT_NEEDED_FROM: "No nosing needed from a going of",
  OPEN_LAP_LEAST: "Open risers: treads lap by, at least",
  HANDRAIL_FROM_RISERS: "A handrail from so many risers",
  HANDRAILS_BOTH_FROM_WIDTH: "Handrails at both sides from a width of",
  HANDRAIL_LEAST: "Handrail above nosings, at least",
  HANDRAIL_MOST: "Handrail above nosings, at most",
  GAP_MOST: "Gaps, at most",
  SPIRAL_RISE_MOST: "Spiral: riser, at most",
  SPIRAL_GOING_LEAST: "Spiral: going, at least",
  SPIRAL_HEADROOM_LEAST: "Spiral: headroom, at least",
};

const COUNTED: readonly StairLimit["what"][] = [
  "PITCH_MOST",
  "RISERS_MOST",
  "RISERS_LEAST",
  "WINDERS_MOST",
  "LANDING_OF_WIDTH_LEAST",
  "HANDRAIL_FROM_RISERS",
];

interface Props {
  readonly rules: Rules;
  readonly onClose: () => void;
}

/** A set of rules for stairs of the office's own, made from the one in use. */
export function OwnStairRules({ rules, onClose }: Props) {
  const { sync } = useBoardTools();
  const { sets, keep, remove } = useStairRuleSets();
  const { draft, put, settled } = useDraft(rules.stairs);
  const [kept, setKept] = useState(true);
  const [fault, setFault] = useState<string | null>(null);
  const { name, limits } = draft;
  const known = sets.find((s) => s.rules.name === name);
  /** A set that comes with the program stays what its name says: once changed it gets another. */
  const change = (changed: StairLimit[]) =>
    put({ name: known && !known.own ? `${name}, changed` : name, limits: changed });
  const set = (at: number, part: Partial<StairLimit>) =>
    change(limits.map((l, i) => (i === at ? { ...l, ...part } : l)));
  const missing = (Object.keys(WORDS) as StairLimit["what"][]).filter(
    (what) => !limits.some((l) => l.what === what),
  );
  const save = async () => {
    const stairs = settled();
    if (!stairs) return;
    const ships = sets.some((s) => !s.own && s.rules.name === stairs.name);
    try {
      if (kept && !ships) await keep(stairs);
      if (await sync.revise({ ...rules, stairs, type: "rules" })) onClose();
    } catch (refused) {
      setFault(reasonOf(refused));
    }
  };
  return (
    <Panel title="Rules for stairs" onClose={onClose} size="w-180">
      <Row label="Name of the set">
        <input
          className={`${fieldClass} w-96`}
          value={name}
          onChange={(e) => put({ name: e.target.value, limits })}
        />
      </Row>
      <ul className="my-2 max-h-110 divide-y divide-rule overflow-auto border-rule border-y">
        {limits.map((l, i) => (
          <li key={l.what} className="flex items-center gap-3 py-0.5">
            <span className="grow">{WORDS[l.what]}</span>
            {COUNTED.includes(l.what) ? (
              <input
                aria-label={WORDS[l.what]}
                type="number"
                className={`${fieldClass} w-20 text-right [appearance:textfield]`}
                value={l.value}
                onChange={(e) => set(i, { value: Number(e.target.value), sure: true })}
              />
            ) : (
              <LengthField
                label={WORDS[l.what]}
                hideLabel
                mm={l.value}
                onChange={(value) => set(i, { value, sure: true })}
              />
            )}
            <input
              aria-label={`Source of: ${WORDS[l.what]}`}
              className={`${fieldClass} w-64`}
              value={l.source}
              onChange={(e) => set(i, { source: e.target.value })}
            />
            <Button onClick={() => change(limits.filter((_, k) => k !== i))}>Remove</Button>
          </li>
        ))}
      </ul>
      {missing.length > 0 && (
        <Row label="Add a limit">
          <Choice
            value=""
            className="max-w-80!"
            options={[["", "choose"], ...missing.map((what) => [what, WORDS[what]] as const)]}
            onChange={(what) => {
              if (what !== "") change([...limits, { what, value: 1, source: "office standard", sure: true }]);
            }}
          />
        </Row>
      )}
      {fault && <Fault>{fault}</Fault>}
      <div className="mt-3 flex items-center justify-end gap-2">
        <label className="flex grow items-center gap-2">
          <input type="checkbox" checked={kept} onChange={(e) => setKept(e.target.checked)} />
          Keep it for other projects
        </label>
        {known?.own && <Button onClick={() => void remove(name)}>Keep it no longer</Button>}
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={name.trim() === ""} onClick={() => void save()}>
          Use these
        </Button>
      </div>
    </Panel>
  );
}
