import { type KeyboardEvent, useRef, useState } from "react";
import type { Note } from "../../api/types";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";
import { toScreen } from "../state/view";

/** How high capitals are as a part of the letters' own height. */
const CAPITAL = 0.7;
const SMALLEST_PX = 13;

/** The words of a note, written where they stand: Ctrl Enter or leaving it accepts, Esc leaves them as they were. */
export function NoteInPlace() {
  const note = useBoard((s) => elementOf(s, "note", s.written ?? undefined));
  return note ? <Words key={note.id} note={note} /> : null;
}

function Words({ note }: { readonly note: Note }) {
  const { store, sync } = useBoardTools();
  const view = useBoard((s) => s.view);
  const size = useBoard((s) => s.size);
  const scale = useBoard((s) => s.scale);
  const style = useBoard((s) => elementOf(s, "letterStyle", note.style));
  const [text, setText] = useState(note.text);
  const letters = Math.max(SMALLEST_PX, ((style?.heightMm ?? 0) / CAPITAL) * scale * view.zoom);
  const at = toScreen({ x: note.at[0], y: note.at[1] }, view, size);
  /** Once it is left, the field that goes is not taken for one that is left again. */
  const left = useRef(false);
  const leave = (accepted: boolean) => {
    if (left.current) return;
    left.current = true;
    store.setState({ written: null });
    if (accepted && text.trim() && text !== note.text) void sync.revise({ ...note, text, type: "note" });
  };
  const keys = (e: KeyboardEvent) => {
    e.stopPropagation();
    if (e.key === "Escape") leave(false);
    if (e.key === "Enter" && (e.ctrlKey || e.metaKey)) leave(true);
  };
  const lines = text.split("\n");
  return (
    <textarea
      aria-label="Words of the note"
      // biome-ignore lint/a11y/noAutofocus: it was opened to be written in
      autoFocus
      className="absolute resize-none rounded border border-verdigris bg-paper px-1 font-drawing leading-snug outline-none"
      style={{
        left: Math.max(4, at.x - 5),
        top: Math.max(4, at.y - letters),
        fontSize: letters,
        width: Math.max(160, (note.widthMm > 0 ? note.widthMm : 60) * scale * view.zoom),
        height: `${(lines.length + 1) * 1.4}em`,
      }}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onKeyDown={keys}
      onBlur={() => leave(true)}
    />
  );
}
