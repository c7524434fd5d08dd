import { useBoard, useBoardTools } from "../state/context";
import type { Making } from "../state/state";
import { toolOf } from "../tools";

/** What the active tool will make; nothing where it makes nothing. */
export function MakingFacts() {
  const { store, actions } = useBoardTools();
  const Facts = useBoard((s) => toolOf(s.tool).Facts);
  const making = useBoard((s) => s.making);
  const set = (change: Partial<Making>) => {
    store.setState({ making: { ...making, ...change } });
    actions.aim();
  };
  return Facts ? <Facts making={making} set={set} /> : null;
}
