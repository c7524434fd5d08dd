import type { Element, WorkState } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";

type InWork = Extract<Element, { readonly state: WorkState }>;

const STATES = [
  ["NEW", "New"],
  ["EXISTING", "Existing, stays"],
  ["REMOVED", "To be removed"],
] as const;

interface Props {
  readonly state: WorkState;
  readonly onChange: (state: WorkState) => void;
}

/** What becomes of a thing. */
export function WorkStateChoice({ state, onChange }: Props) {
  return (
    <Row label="State">
      <Choice value={state} options={STATES} onChange={onChange} />
    </Row>
  );
}

/** What becomes of all that is selected. */
export function WorkStateField() {
  const { actions } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const selection = useBoard((s) => s.selection);
  const things = selection.map((id) => elements.get(id)).filter(isInWork);
  const states = new Set(things.map((t) => t.state));
  const [first] = things;
  if (!first) return null;
  const change = (state: WorkState) =>
    void actions.changing.reviseAll(things.filter((t) => t.state !== state).map((t) => ({ ...t, state })));
  if (states.size === 1) return <WorkStateChoice state={first.state} onChange={change} />;
  return (
    <Row label="State">
      <Choice
        value=""
        options={[["", "Different"], ...STATES]}
        onChange={(state) => state !== "" && change(state)}
      />
    </Row>
  );
}

function isInWork(element: Element | undefined): element is InWork {
  return element !== undefined && "state" in element;
}
