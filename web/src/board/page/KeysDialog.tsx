import { Panel } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { EVERYWHERE, keyWords, OTHER_KEYS, STAGES, type ToolEntry } from "../tools/stages";

/** Every key of the board, by what it is for. */
export function KeysDialog() {
  const { store } = useBoardTools();
  const shown = useBoard((s) => s.keysShown);
  if (!shown) return null;
  const tools = (of: readonly ToolEntry[]) => of.map((t) => [keyWords(t.key), t.words] as const);
  const groups = [
    ["Everywhere", tools(EVERYWHERE)] as const,
    ...STAGES.map((s) => [s.words, tools(s.tools)] as const),
    ...OTHER_KEYS,
  ];
  return (
    <Panel title="Keys" size="w-220" onClose={() => store.setState({ keysShown: false })}>
      <div className="columns-2 gap-8">
        {groups.map(([title, rows]) => (
          <section key={title} className="mb-4 break-inside-avoid">
            <h3 className="mb-1 border-rule border-b pb-0.5 font-semibold">{title}</h3>
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
              {rows.map(([key, words]) => (
                <div key={key} className="contents">
                  <dt>
                    <kbd className="whitespace-nowrap rounded border border-rule bg-paper px-1.5 font-sans">
                      {key}
                    </kbd>
                  </dt>
                  <dd>{words}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Panel>
  );
}
