import { type KeyboardEvent, useState } from "react";
import { Button, Panel } from "../../ui/controls";
import { COMMANDS } from "../commands";
import type { Command } from "../commands/Command";
import { hindrance, keepKeys, keyOf, keysOf, keyWords, type OwnKeys } from "../commands/keymap";
import { useBoard, useBoardTools } from "../state/context";

type Row = readonly [string, string];

/** Keys that stay as they are, by what they are for. */
const FIXED: readonly (readonly [string, readonly Row[]])[] = [
  [
    "Typing",
    [
      ["0 to 9", "Type a length; 3600 x 2700 are two, at 30 is an angle, 3200 at 30 both"],
      ["Enter", "Accept; with nothing typed, end the run, split, or paste where it was"],
      ["Esc", "Step back once: what is typed, the aim, the last pick, then the tool"],
      ["Tab", "While typing, the next distance to set out by"],
    ],
  ],
  [
    "With the pointer",
    [
      ["Drag", "From clear paper: select what lies inside. From a thing: all that is touched"],
      ["Shift", "With a click or a box, select more"],
      ["Right click", "What makes sense for the thing under it; while a tool is active, Enter"],
      ["Space", "Held while dragging, shift the view (or drag with the middle button)"],
      ["Arrows", "While a tool aims, hold the direction: right, up, left, down"],
    ],
  ],
];

/** Every key of the board, by what it is for; those of tools and commands can be changed. */
export function KeysDialog() {
  const { store } = useBoardTools();
  const own = useBoard((s) => s.ownKeys);
  const [changing, setChanging] = useState<Command | null>(null);
  const set = (next: OwnKeys) => {
    keepKeys(next);
    store.setState({ ownKeys: next });
    setChanging(null);
  };
  const groups = [...new Set(COMMANDS.map((c) => c.group))];
  return (
    <Panel title="Keys" size="w-220" onClose={() => store.setState({ dialog: null })}>
      <div className="mb-3 flex items-center justify-between gap-4 text-ink-2">
        <p>Click a key to choose another. They are kept in this browser.</p>
        <Button disabled={Object.keys(own).length === 0} onClick={() => set({})}>
          Put all back
        </Button>
      </div>
      <div className="columns-2 gap-8">
        {groups.map((group) => (
          <Group key={group} title={group}>
            {COMMANDS.filter((c) => c.group === group).map((c) => (
              <div key={c.name} className="contents">
                <dt>
                  {changing === c ? (
                    <NewKey command={c} own={own} onKey={set} onLeave={() => setChanging(null)} />
                  ) : (
                    <button
                      type="button"
                      aria-label={`Change the key of ${c.words}`}
                      className="min-h-6 min-w-6 whitespace-nowrap rounded border border-rule bg-paper px-1.5 hover:bg-lime-2"
                      onClick={() => setChanging(c)}
                    >
                      {keysOf(c, own).map(keyWords).join(", ") || "–"}
                    </button>
                  )}
                </dt>
                <dd className={own[c.name] ? "font-semibold" : ""}>{c.words}</dd>
              </div>
            ))}
          </Group>
        ))}
        {FIXED.map(([title, rows]) => (
          <Group key={title} title={title}>
            {rows.map(([key, words]) => (
              <div key={key} className="contents">
                <dt>
                  <kbd className="whitespace-nowrap px-1.5 font-sans text-ink-2">{key}</kbd>
                </dt>
                <dd>{words}</dd>
              </div>
            ))}
          </Group>
        ))}
      </div>
    </Panel>
  );
}

function Group({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <section className="mb-4 break-inside-avoid">
      <h3 className="mb-1 border-rule border-b pb-0.5 font-semibold">{title}</h3>
      <dl className="grid grid-cols-[8.5rem_1fr] items-baseline gap-x-3 gap-y-1">{children}</dl>
    </section>
  );
}

interface NewKeyProps {
  readonly command: Command;
  readonly own: OwnKeys;
  readonly onKey: (own: OwnKeys) => void;
  readonly onLeave: () => void;
}

/** Takes the next key pressed; one that another command has goes over only when that is meant. */
function NewKey({ command, own, onKey, onLeave }: NewKeyProps) {
  const [pressed, setPressed] = useState<string | null>(null);
  const why = pressed === null ? null : hindrance(pressed, command, own);
  const press = (e: KeyboardEvent) => {
    if (["Shift", "Control", "Alt", "Meta"].includes(e.key)) return;
    e.preventDefault();
    e.stopPropagation();
    if (e.key === "Escape") return onLeave();
    const key = keyOf(e);
    if (hindrance(key, command, own)) setPressed(key);
    else onKey({ ...own, [command.name]: key });
  };
  return (
    <div className="max-w-60 rounded border border-ochre bg-ochre-2 p-1.5">
      <button
        type="button"
        ref={(button) => button?.focus()}
        aria-label={`New key of ${command.words}`}
        className="w-full text-left"
        onKeyDown={press}
      >
        Press a key…
      </button>
      {why && (
        <p role="alert" className="mt-1 text-oxide">
          {why.words}
        </p>
      )}
      {why?.has && pressed !== null && (
        <Button
          className="mt-1"
          onClick={() => onKey({ ...own, [command.name]: pressed, [why.has?.name ?? ""]: "" })}
        >
          Take it from there
        </Button>
      )}
    </div>
  );
}
