import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
} from "@headlessui/react";
import { useMemo, useState } from "react";
import { type Found, find, foundIn } from "../commands/find";
import { useBoard, useBoardTools } from "../state/context";

/** As many as are read at a glance. */
const SHOWN = 12;

/** One box that reaches every tool, command, thing by its mark, drawing and sheet. */
export function Find() {
  const board = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const [asked, setAsked] = useState("");
  // biome-ignore lint/correctness/useExhaustiveDependencies: what can be found changes with the elements alone while the box is open
  const all = useMemo(() => foundIn(board.store.getState()), [elements]);
  const found = find(all, asked).slice(0, SHOWN);
  const close = () => board.store.setState({ dialog: null });
  const take = (chosen: Found | null) => {
    if (!chosen) return;
    close();
    void chosen.does(board);
  };
  return (
    <Dialog open onClose={close} className="relative z-20">
      <div className="fixed inset-0 bg-ink/25" aria-hidden="true" />
      <div className="fixed inset-x-0 top-16 flex justify-center">
        <DialogPanel className="w-140 overflow-hidden rounded-md border border-rule bg-lime shadow-lg">
          <Combobox<Found | null> value={null} onChange={take} immediate>
            <ComboboxInput
              autoFocus
              aria-label="Find anything"
              placeholder="A tool, a mark, a room, a drawing, a sheet…"
              className="w-full border-rule border-b bg-paper px-4 py-2.5 text-base outline-none!"
              onChange={(e) => setAsked(e.target.value)}
            />
            <ComboboxOptions static className="max-h-120 overflow-auto py-1">
              {found.map((f) => (
                <ComboboxOption
                  key={`${asked} ${f.id}`}
                  value={f}
                  className="flex cursor-pointer items-baseline gap-3 px-4 py-1.5 data-focus:bg-ink data-focus:text-paper"
                >
                  <span className="grow truncate">{f.words}</span>
                  <span className="shrink-0 opacity-70">{f.where}</span>
                  {f.key && (
                    <kbd className="w-16 shrink-0 text-right font-sans text-xs opacity-70">{f.key}</kbd>
                  )}
                </ComboboxOption>
              ))}
            </ComboboxOptions>
            {found.length === 0 && (
              <p className="px-4 py-3 text-ink-2">Nothing here is called “{asked.trim()}”.</p>
            )}
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
