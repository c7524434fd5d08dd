import type { Note } from "../../api/types";
import { Accepted } from "../fields/Accepted";
import { useBoardTools } from "../state/context";
import { ThroughLens } from "./ThroughLens";

/** The words of a note. */
export function NoteFacts({ note }: { readonly note: Note }) {
  const { sync } = useBoardTools();
  return (
    <>
      <Accepted
        rows={4}
        value={note.text}
        onAccept={(text) => void sync.revise({ ...note, text, type: "note" })}
      />
      <ThroughLens written={note} />
    </>
  );
}
