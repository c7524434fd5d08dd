import type { ReviseFigure } from "../../api/types";
import { Button } from "../../ui/controls";
import { Section } from "../../ui/Section";
import { useBoard, useBoardTools } from "../state/context";
import { figureChange } from "../state/revisions";

/** Takes back what was decided of the figure that is picked. */
export function FigureOfString() {
  const { store, sync } = useBoardTools();
  const tool = useBoard((s) => s.tool);
  const picked = tool.name === "figure" ? tool.at : null;
  const back = async (to: ReviseFigure["to"]) => {
    if (tool.name !== "figure" || !picked) return;
    const stored = await sync.edit(figureChange(tool.string, picked, to));
    if (stored) store.setState({ tool: { ...tool, at: null } });
  };
  return (
    <Section title="Figures of a string" words="moved by hand, or saying what you mean">
      <p className="pb-1 text-ink-2">
        Words such as <b>equal</b> or <b>900 min</b> stand in place of what is measured. They are underlined
        on the board, never on paper, and a number that is not so is found.
      </p>
      <div className="flex flex-col items-start gap-1">
        <Button disabled={!picked} onClick={() => void back({ type: "saying", words: "" })}>
          Let it say what it measures
        </Button>
        <Button disabled={!picked} onClick={() => void back({ type: "back" })}>
          Put it back where there is room
        </Button>
      </div>
    </Section>
  );
}
