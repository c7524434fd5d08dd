import { useState } from "react";
import type { PaperSize } from "../../api/types";
import { Button, Choice, Panel, Row } from "../../ui/controls";
import { backdropOf } from "../canvas/backdrop";
import { useBoard, useBoardTools } from "../state/context";
import { SCALES } from "../state/scales";
import { inSet, sheetsAsBound } from "../state/sheets";
import { drawingShown, elementOf, unitsOf } from "../state/state";

/** Prints the shown sheet at its size, or what the board shows at a stated scale. */
export function PrintDialog({ onClose }: { readonly onClose: () => void }) {
  const drawing = useBoard(drawingShown);
  const project = useBoard((s) => s.project);
  const sheet = useBoard((s) => elementOf(s, "sheet", s.shown?.id));
  const version = useBoard((s) => s.version?.id);
  return (
    <Panel title={sheet ? `Print sheet ${sheet.number}` : "Print what the board shows"} onClose={onClose}>
      {sheet ? <PrintSheet sheet={sheet.id} onClose={onClose} /> : <PrintView onClose={onClose} />}
      <Forms
        href={`/api/v1/projects/${project}/${sheet ? `sheets/${sheet.id}` : `drawings/${drawing?.id}`}/file`}
        version={version}
      />
    </Panel>
  );
}

/** Paper that a sheet is printed on for a desk or a building site. */
const PAPERS: readonly (readonly [PaperSize | "OWN", string])[] = [
  ["OWN", "The sheet's own size"],
  ["A3", "A3"],
  ["A4", "A4"],
  ["ANSI_B", "ANSI B (11 x 17)"],
  ["LETTER", "Letter"],
];

const ONTO = [
  ["REDUCED", "Reduced, on one page"],
  ["PARTS", "At its size, in parts"],
] as const;

function PrintSheet({ sheet, onClose }: { readonly sheet: string; readonly onClose: () => void }) {
  const { store } = useBoardTools();
  const project = useBoard((s) => s.project);
  const version = useBoard((s) => s.version?.id);
  const elements = useBoard((s) => s.elements);
  const set = elementOf({ elements }, "sheet", sheet)?.set ?? "";
  const bound = inSet(sheetsAsBound({ elements }), set).map((s) => s.id);
  const [paper, setPaper] = useState<PaperSize | "OWN">("OWN");
  const [onto, setOnto] = useState<"REDUCED" | "PARTS">("REDUCED");
  const query = new URLSearchParams();
  if (version) query.set("version", version);
  if (paper !== "OWN") {
    query.set("paper", paper);
    query.set("onto", onto);
  }
  const all = `/api/v1/projects/${project}/set.pdf?${query}`;
  const so = paper === "OWN" ? "" : " so";
  return (
    <Print href={`/api/v1/projects/${project}/sheets/${sheet}/sheet.pdf?${query}`} onClose={onClose}>
      <Row label="Paper">
        <Choice value={paper} options={PAPERS} onChange={setPaper} />
      </Row>
      {paper !== "OWN" && (
        <Row label="Onto it">
          <Choice value={onto} options={ONTO} onChange={setOnto} />
        </Row>
      )}
      <p className="py-2 text-ink-2">
        {paper === "OWN"
          ? "The page is of the sheet's exact size. Print it without fitting to the page."
          : onto === "REDUCED"
            ? "The true scales are said at the foot. Scale bars stay true."
            : "Parts overlap by 10 mm, with marks where the next one lies. Print them without fitting to the page."}
      </p>
      {set && (
        <p>
          <Opens href={`${all}&${new URLSearchParams(bound.map((id) => ["sheet", id]))}`}>
            Open the set {set}
            {so} as one PDF
          </Opens>
        </p>
      )}
      <Opens href={all}>Open all sheets{so} as one PDF</Opens>
      {!version && (
        <p className="pt-2">
          <Button onClick={() => store.setState({ dialog: "plot" })}>Send sheets to the plotter</Button>
        </p>
      )}
    </Print>
  );
}

function Opens({ href, children }: { readonly href: string; readonly children: React.ReactNode }) {
  return (
    <a className="text-verdigris underline hover:text-ink" href={href} target="_blank" rel="noreferrer">
      {children}
    </a>
  );
}

function PrintView({ onClose }: { readonly onClose: () => void }) {
  const drawing = useBoard(drawingShown);
  const project = useBoard((s) => s.project);
  const centre = useBoard((s) => s.view.centre);
  const units = useBoard(unitsOf);
  const [paper, setPaper] = useState<PaperSize>(units === "METRIC" ? "A3" : "LETTER");
  const [scale, setScale] = useState(String(drawing?.scale ?? 50));
  const backdrop = useBoard(backdropOf);
  const [behind, setBehind] = useState(false);
  if (!drawing) return null;
  const query = new URLSearchParams({ paper, scale, x: String(centre.x), y: String(centre.y) });
  if (behind && backdrop) query.set("backdrop", backdrop);
  return (
    <Print href={`/api/v1/projects/${project}/drawings/${drawing.id}/view.pdf?${query}`} onClose={onClose}>
      <Row label="Paper">
        <Choice
          value={paper}
          options={[
            ["A4", "A4"],
            ["A3", "A3"],
            ["LETTER", "Letter"],
          ]}
          onChange={setPaper}
        />
      </Row>
      <Row label="Scale">
        <Choice
          value={scale}
          options={SCALES[units].map(([n, words]) => [String(n), words] as const)}
          onChange={setScale}
        />
      </Row>
      {backdrop && (
        <label className="flex items-center gap-2 py-1">
          <input type="checkbox" checked={behind} onChange={(e) => setBehind(e.target.checked)} />
          Print the backdrop too
        </label>
      )}
      <p className="py-2 text-ink-2">The middle of the board comes to the middle of the paper.</p>
    </Print>
  );
}

const FORMS = [
  ["DXF", "for other drawing programs"],
  ["SVG", "for pages and pictures"],
  ["PNG", "as pixels"],
] as const;

/** What is shown, in forms that other programs read. */
function Forms({ href, version }: { readonly href: string; readonly version: string | undefined }) {
  return (
    <section className="mt-4 border-rule border-t pt-3">
      <h3 className="font-semibold">Save it for other programs</h3>
      <ul>
        {FORMS.map(([form, words]) => (
          <li key={form} className="py-0.5">
            <a
              className="text-verdigris underline hover:text-ink"
              href={`${href}?form=${form}${version ? `&version=${version}` : ""}`}
              download
            >
              {form}
            </a>{" "}
            <span className="text-ink-2">{words}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface PrintProps {
  readonly href: string;
  readonly onClose: () => void;
  readonly children: React.ReactNode;
}

function Print({ href, onClose, children }: PrintProps) {
  return (
    <>
      {children}
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <a
          className="rounded bg-oxide px-3 py-1 font-semibold text-white hover:bg-oxide-2"
          href={href}
          target="_blank"
          rel="noreferrer"
          onClick={() => setTimeout(onClose)}
        >
          Open PDF
        </a>
      </div>
    </>
  );
}
