import type { SetOutLine, SetOutReport } from "../../api/types";
import type { BoardState } from "./state";
import type { ModelPoint } from "./view";

/** The line that was asked about last; null where none is near. */
export function lineAsked({
  tool,
  setOutReport,
}: Pick<BoardState, "tool" | "setOutReport">): SetOutLine | null {
  if (tool.name !== "setout" || !tool.asked || !setOutReport) return null;
  const { x, y, reach } = tool.asked;
  let best: SetOutLine | null = null;
  let least = reach;
  for (const line of setOutReport.lines) {
    const off = offLine(line, { x, y });
    if (off < least) {
      best = line;
      least = off;
    }
  }
  return best;
}

function offLine({ from: [ax = 0, ay = 0], to: [bx = 0, by = 0] }: SetOutLine, p: ModelPoint): number {
  const length2 = (bx - ax) ** 2 + (by - ay) ** 2;
  const part = length2 === 0 ? 0 : ((p.x - ax) * (bx - ax) + (p.y - ay) * (by - ay)) / length2;
  const t = Math.min(1, Math.max(0, part));
  return Math.hypot(ax + t * (bx - ax) - p.x, ay + t * (by - ay) - p.y);
}

/** What a line is found by, from the datum on. */
export function stepsTo(report: SetOutReport, line: SetOutLine): SetOutReport["steps"] {
  const steps: SetOutReport["steps"] = [];
  for (let at = line.step; at >= 0; at = report.steps[at]?.before ?? -1) {
    const step = report.steps[at];
    if (step) steps.unshift(step);
  }
  return steps;
}

/** That nothing tells where a line lies. */
export const NOT_FOUND = -2;
