import { useEffect, useState } from "react";
import { answerOf, api } from "../../api/client";
import type { Drawing, LabelPart, Lens, WorkState } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";

const PARTS: readonly (readonly [LabelPart, string])[] = [
  ["NUMBER", "Number"],
  ["AREA", "Area"],
  ["SIZE", "Clear size"],
  ["CEILING_HEIGHT", "Ceiling height"],
  ["CEILING", "What the ceiling is"],
  ["FINISHES", "Finishes"],
];

/** What a lens says of rooms, openings and floors; it changes every drawing with that lens. */
export function LensFields({ lens }: { readonly lens: Lens }) {
  const { sync } = useBoardTools();
  const revise = (change: Partial<Lens>) => void sync.revise({ ...lens, ...change, type: "lens" });
  const toggle = (part: LabelPart) => {
    const has = lens.roomLabels.includes(part);
    revise({ roomLabels: has ? lens.roomLabels.filter((p) => p !== part) : [...lens.roomLabels, part] });
  };
  return (
    <fieldset className="mt-3 border-rule border-t pt-2">
      <legend className="sr-only">Shown by the lens</legend>
      <p className="text-ink-2">All drawings with the lens “{lens.name}”:</p>
      <p className="pt-1">Room labels say, under the name</p>
      {PARTS.map(([part, words]) => (
        <label key={part} className="flex items-center gap-2 py-0.5 pl-2">
          <input type="checkbox" checked={lens.roomLabels.includes(part)} onChange={() => toggle(part)} />
          {words}
        </label>
      ))}
      <Row label="Strings measure">
        <Choice
          value={lens.openings}
          options={[
            ["STRUCTURAL", "Structural openings"],
            ["UNIT", "Units in them"],
          ]}
          onChange={(openings) => revise({ openings })}
        />
      </Row>
      <label className="flex items-center gap-2 py-0.5">
        <input
          type="checkbox"
          checked={lens.floorSpans}
          onChange={() => revise({ floorSpans: !lens.floorSpans })}
        />
        Show how floors span
      </label>
    </fieldset>
  );
}

/** The column a schedule is sorted by. */
export function SortedBy({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const [columns, setColumns] = useState<readonly string[]>([]);
  useEffect(() => {
    let current = true;
    void answerOf(
      api.GET("/api/v1/projects/{project}/drawings/{drawing}/columns", {
        params: { path: { project, drawing: drawing.id } },
      }),
    ).then(
      (found) => current && setColumns(found),
      () => current && setColumns([]),
    );
    return () => {
      current = false;
    };
  }, [project, drawing.id]);
  return (
    <Row label="Sorted by">
      <Choice
        value={drawing.sortBy}
        options={[["", "Its usual order"], ...columns.map((c) => [c, c] as const)]}
        onChange={(sortBy) => void sync.revise({ ...drawing, sortBy, type: "drawing" })}
      />
    </Row>
  );
}

const OF_THINGS: readonly Drawing["kind"][] = ["DOORS", "WINDOWS", "FITTINGS"];

/** What is of one thing or another: a schedule of rooms, a legend. */
const EITHER = {
  ROOMS: {
    label: "Of the house",
    whole: "As it stands in the end",
    other: "asItWas",
    words: "As it was before the work",
  },
  LEGEND: { label: "Of", whole: "All drawings", other: "onItsSheet", words: "Those on its sheet" },
} as const;

/** Which things a schedule lists, by what becomes of them; which drawings a legend is of. */
export function Listed({ drawing }: { readonly drawing: Drawing }) {
  const { sync } = useBoardTools();
  const { kind, subject } = drawing;
  if (kind === "ROOMS" || kind === "LEGEND") {
    const { label, whole, other, words } = EITHER[kind];
    return (
      <Row label={label}>
        <Choice
          value={subject.type === other ? other : "whole"}
          options={[
            ["whole", whole],
            [other, words],
          ]}
          onChange={(type) => void sync.revise({ ...drawing, subject: { type }, type: "drawing" })}
        />
      </Row>
    );
  }
  if (!OF_THINGS.includes(kind)) return null;
  const list = (state: WorkState | "") =>
    void sync.revise({
      ...drawing,
      subject: state === "" ? { type: "whole" } : { type: "inState", state },
      type: "drawing",
    });
  return (
    <Row label="Lists">
      <Choice
        value={subject.type === "inState" ? subject.state : ""}
        options={[
          ["", "All that stands in the end"],
          ["NEW", "What is new"],
          ["EXISTING", "What stands already and stays"],
          ["REMOVED", "What is to be removed"],
        ]}
        onChange={list}
      />
    </Row>
  );
}
