import { type FormEvent, useState } from "react";
import type { PaperSize } from "../../api/types";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { addingSheet } from "../state/revisions";
import { elementOf } from "../state/state";
import { SetField } from "./SetField";

/** New sheets: one by its number and title, or as many as the drawings need. */
export function SheetsToCome() {
  const { store, sync } = useBoardTools();
  const papers = useBoard((s) => s.papers);
  const paper = useBoard((s) => elementOf(s, "settings", "settings")?.paper ?? "A2");
  const [facts, setFacts] = useState({ number: "", title: "", set: "", size: "" });
  const size = (facts.size || paper) as PaperSize;
  const add = async (e: FormEvent) => {
    e.preventDefault();
    if (await sync.edit(addingSheet(facts.number, facts.title, facts.set, size)))
      setFacts({ ...facts, number: "", title: "", size: "" });
  };
  return (
    <form className="mt-3 border-rule border-t pt-3" onSubmit={add}>
      <Button onClick={() => store.setState({ dialog: "layOut" })}>Lay drawings out on sheets</Button>
      <h3 className="mt-3 mb-1 font-semibold">New sheet</h3>
      <Row label="Number">
        <input
          className={`${fieldClass} w-28`}
          value={facts.number}
          onChange={(e) => setFacts({ ...facts, number: e.target.value })}
        />
      </Row>
      <Row label="Title">
        <input
          className={`${fieldClass} w-44`}
          value={facts.title}
          onChange={(e) => setFacts({ ...facts, title: e.target.value })}
        />
      </Row>
      <SetField value={facts.set} onChange={(e) => setFacts({ ...facts, set: e.target.value })} />
      <Row label="Size">
        <Choice
          value={size}
          options={papers.map((p) => [p.id, p.label] as const)}
          onChange={(next) => setFacts({ ...facts, size: next })}
        />
      </Row>
      <div className="mt-2 flex justify-end">
        <Button main type="submit" disabled={!facts.number.trim() || !facts.title.trim()}>
          Add sheet
        </Button>
      </div>
    </form>
  );
}
