import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { useEffect, useRef } from "react";
import { COMMANDS } from "../commands";
import { keysOf, keyWords } from "../commands/keymap";
import { useBoard, useBoardTools } from "../state/context";
import type { Menu as Offered } from "../state/state";
import { titleOf } from "../things";

/** The few things that make sense for what was under the pointer. */
export function ThingMenu() {
  const menu = useBoard((s) => s.menu);
  if (!menu) return null;
  return (
    <Menu key={`${menu.at.x} ${menu.at.y} ${menu.element}`}>
      {({ open }) => <Opened menu={menu} open={open} />}
    </Menu>
  );
}

function Opened({ menu, open }: { readonly menu: Offered; readonly open: boolean }) {
  const board = useBoardTools();
  const state = useBoard((s) => s);
  const button = useRef<HTMLButtonElement>(null);
  const wasOpen = useRef(false);
  useEffect(() => button.current?.click(), []);
  useEffect(() => {
    if (open) wasOpen.current = true;
    else if (wasOpen.current) board.store.setState({ menu: null });
  }, [open, board]);
  const thing = menu.element === null ? null : (state.elements.get(menu.element) ?? null);
  const offered = COMMANDS.filter((c) => c.on?.(thing, state));
  const title = thing && titleOf(state, thing);
  const others = state.selection.length > 1 ? ` and ${state.selection.length - 1} more` : "";
  return (
    <>
      <MenuButton
        ref={button}
        aria-label="What can be done here"
        className="absolute size-0 opacity-0"
        style={{ left: menu.at.x, top: menu.at.y }}
      />
      <MenuItems
        anchor={{ to: "bottom start", gap: 2 }}
        className="z-10 min-w-52 rounded border border-rule bg-lime py-1 shadow-lg outline-none!"
      >
        {title && (
          <p className="truncate border-rule border-b px-3 pb-1 font-semibold">
            {title}
            {others}
          </p>
        )}
        {offered.map((c) => {
          const [key] = keysOf(c, state.ownKeys);
          return (
            <MenuItem key={c.name}>
              <button
                type="button"
                className="flex w-full justify-between gap-6 px-3 py-1 text-left data-focus:bg-ink data-focus:text-paper"
                onClick={() => c.does(board, thing ?? undefined)}
              >
                {c.brief ?? c.words}
                {key && <kbd className="font-sans text-xs opacity-70">{keyWords(key)}</kbd>}
              </button>
            </MenuItem>
          );
        })}
      </MenuItems>
    </>
  );
}
