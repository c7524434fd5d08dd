import { Button } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { revisionOfStorey } from "../state/revisions";
import { elementOf, planShown } from "../state/state";

/** A board with nothing on it says what to do first, and offers it: the heights, then the first walls. */
export function FirstSteps() {
  const { sync, actions } = useBoardTools();
  const empty = useBoard(
    (s) =>
      planShown(s) !== undefined &&
      s.drawn === s.shown?.id &&
      s.groups.size === 0 &&
      s.tool.name === "select",
  );
  const storey = useBoard((s) => elementOf(s, "storey", planShown(s)?.storey));
  const site = useBoard((s) => elementOf(s, "site", "site"));
  const looking = useBoard((s) => s.version !== null);
  if (!empty || !storey || looking) return null;
  return (
    <section
      aria-label="First steps"
      className="-translate-x-1/2 absolute top-16 left-1/2 w-100 rounded border border-rule bg-lime/95 p-4"
    >
      <h2 className="font-semibold">Nothing is drawn here yet</h2>
      <ol className="mt-2 list-decimal space-y-2 pl-5">
        <li>
          How high is {storey.name}?
          <LengthField
            label="Level of its floor"
            mm={storey.levelMm}
            onChange={(levelMm) => void sync.edit(revisionOfStorey({ ...storey, levelMm }))}
          />
          <LengthField
            label="Floor to floor"
            mm={storey.heightMm}
            onChange={(heightMm) => void sync.edit(revisionOfStorey({ ...storey, heightMm }))}
          />
          {site && (
            <LengthField
              label="Ground outside"
              mm={site.groundMm}
              onChange={(groundMm) => void sync.revise({ ...site, groundMm, type: "site" })}
            />
          )}
        </li>
        <li>
          Draw the outside walls, by typed lengths or by their sizes.
          <div className="mt-1 flex gap-2">
            <Button main onClick={() => actions.choose("run")}>
              Run of walls <kbd className="font-sans text-xs">W</kbd>
            </Button>
            <Button onClick={() => actions.choose("rectangle")}>
              Rectangle of walls <kbd className="font-sans text-xs">E</kbd>
            </Button>
          </div>
        </li>
      </ol>
    </section>
  );
}
