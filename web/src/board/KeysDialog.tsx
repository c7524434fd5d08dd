import { Panel } from "../ui/controls";
import { useBoard, useBoardTools } from "./context";
import { keyWords, OTHER_KEYS, TOOLS } from "./tools/stages";

/** Every key of the board. */
export function KeysDialog() {
  const { store } = useBoardTools();
  const shown = useBoard((s) => s.keysShown);
  if (!shown) return null;
  const rows = [...TOOLS.map((t) => [keyWords(t.key), t.words] as const), ...OTHER_KEYS];
  return (
    <Panel title="Keys" onClose={() => store.setState({ keysShown: false })}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        {rows.map(([key, words]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-rule bg-paper px-1.5 font-sans">{key}</kbd>
            </dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}
