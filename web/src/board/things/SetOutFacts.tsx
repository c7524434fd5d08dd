import type { Placing, SettingOut } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { measureNow } from "../state/state";
import { FACES } from "./GapFacts";

interface Props {
  readonly settingOut: SettingOut;
  readonly onChange: (placing: Placing) => void;
}

const KEEPS = "";

/** The rule by which something lies along its wall, the distances to its neighbours, and other rules to choose. */
export function SetOutFacts({ settingOut, onChange }: Props) {
  const { actions, store } = useBoardTools();
  const at = useBoard(measureNow);
  const faces = useBoard((s) => s.faces);
  const { rule, measures, choices } = settingOut;
  return (
    <div className="mb-3 border-rule border-b pb-3">
      <p className="mb-1">{rule}.</p>
      <Row label="Rule">
        <Choice
          value={KEEPS}
          options={[[KEEPS, "As it is"], ...choices.map((c, i) => [String(i), c.words] as const)]}
          onChange={(i) => {
            const chosen = choices[Number(i)];
            if (i !== KEEPS && chosen) onChange(chosen.placing);
          }}
        />
      </Row>
      <Row label="Distances between">
        <Choice value={faces} options={FACES} onChange={(f) => actions.changing.measureBetween(f)} />
      </Row>
      <ul>
        {measures.map((m, i) => (
          <li key={m.words} className="flex items-baseline justify-between gap-2 py-0.5">
            <button
              type="button"
              aria-pressed={i === at}
              className="text-left aria-pressed:font-semibold aria-pressed:text-ochre"
              onClick={() => store.setState({ measureAt: i })}
            >
              {m.words}
            </button>
            <span className="font-drawing">{m.printed}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
