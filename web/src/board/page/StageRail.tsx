import { useState } from "react";
import { COMMANDS } from "../commands";
import { keysOf, keyWords } from "../commands/keymap";
import { canChoose } from "../commands/ofTools";
import { useBoard, useBoardTools } from "../state/context";
import { EVERYWHERE, type Listed, STAGES } from "../tools";

/** The stages in the order of the work; the open one unfolds its tools. */
export function StageRail() {
  const tool = useBoard((s) => s.tool.name);
  const [opened, setOpened] = useState("Walls");
  const holding = STAGES.find((s) => s.tools.some((t) => t.name === tool))?.words;
  const open = holding ?? opened;
  return (
    <nav aria-label="Stages" className="relative overflow-auto border-rule border-r py-2">
      <ul className="mb-1 border-rule border-b pb-2">
        {EVERYWHERE.map((t) => (
          <ToolButton key={t.name} tool={t} />
        ))}
      </ul>
      {STAGES.map((stage) => (
        <section key={stage.words}>
          <button
            type="button"
            aria-expanded={open === stage.words}
            className={`w-full px-3.5 py-1.5 text-left ${open === stage.words ? "font-semibold" : "text-ink-2"}`}
            onClick={() => setOpened(stage.words)}
          >
            {stage.words}
          </button>
          {open === stage.words && (
            <ul className="mb-1 border-rule border-b pb-2">
              {stage.tools.map((t) => (
                <ToolButton key={t.name} tool={t} />
              ))}
            </ul>
          )}
        </section>
      ))}
    </nav>
  );
}

function ToolButton({ tool }: { readonly tool: Listed }) {
  const { actions } = useBoardTools();
  const locked = useBoard((s) => !canChoose(s, tool));
  const inPlans = useBoard((s) => s.version === null && s.shown?.kind === "drawing");
  const on = useBoard((s) => s.tool.name === tool.name) && !locked;
  const ownKeys = useBoard((s) => s.ownKeys);
  const command = COMMANDS.find((c) => c.name === `tool.${tool.name}`);
  const [key] = command ? keysOf(command, ownKeys) : [];
  return (
    <li>
      <button
        type="button"
        disabled={locked}
        title={locked && inPlans ? "In a plan" : undefined}
        aria-pressed={on}
        className={`flex w-full justify-between py-1 pr-3.5 pl-6 text-left disabled:text-ink-3 ${on ? "bg-oxide text-white" : "hover:bg-lime-2"}`}
        onClick={(e) => {
          // Enter is the board's again after a click; a person who steps by keys stays where they are.
          if (e.detail > 0) e.currentTarget.blur();
          actions.choose(tool.name);
        }}
      >
        {tool.words}
        {key && (
          <kbd className={`font-sans text-xs ${on ? "text-[#f3d9d2]" : "text-ink-3"}`}>{keyWords(key)}</kbd>
        )}
      </button>
    </li>
  );
}
