import type { Opening, OutsideSteps } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { layerOf } from "../state/layers";
import { placingSteps } from "../state/revisions";
import { type BoardState, elementOf, elementsOf } from "../state/state";
import { usualMaterial } from "../state/usual";

/** What the trade region usually has before a door. */
const usual = (s: BoardState) => s.offered?.region.steps ?? USUAL;
const USUAL = { goingMm: 300, landingMm: 900 };

/** The way to steps or a ramp before a door: to add them, or to those there are. */
export function StepsOf({ door }: { readonly door: Opening }) {
  const { sync, actions } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const steps = useBoard(usual);
  const material = useBoard((s) => usualMaterial(s, "steps"));
  if (door.kind.type === "window") return null;
  const known = elementsOf({ elements }, "outsideSteps").find((s) => s.opening === door.id);
  if (known)
    return (
      <Button className="mt-2" onClick={() => actions.selection.selectJust([known.id])}>
        Steps {known.mark}
      </Button>
    );
  const { goingMm, landingMm } = steps;
  const layer = layerOf({ elements }, "outsideSteps");
  const site = elementOf({ elements }, "site", "site");
  const wall = elementOf({ elements }, "wall", door.wall);
  const level = elementOf({ elements }, "storey", wall?.storey)?.levelMm ?? 0;
  const drop = level + door.sillMm - (site?.groundMm ?? 0);
  return (
    <div className="mt-2">
      <Button
        disabled={drop <= 0}
        title="From the sill down to the ground outside"
        onClick={() =>
          void sync.edit(placingSteps(door, layer, door.widthMm + 400, landingMm, goingMm, material))
        }
      >
        Add steps outside
      </Button>
      {site && drop <= 0 && (
        <div className="mt-1 border-ochre border-l-2 pl-2">
          <p className="text-ink-2">The ground outside is as high as this door: steps need it lower.</p>
          <LengthField
            label="Ground outside"
            mm={site.groundMm}
            onChange={(groundMm) => void sync.revise({ ...site, groundMm, type: "site" })}
          />
        </div>
      )}
    </div>
  );
}

/** The facts of selected steps. */
export function StepsFacts({ steps }: { readonly steps: OutsideSteps }) {
  const { sync } = useBoardTools();
  const usually = useBoard(usual);
  const revise = (change: Partial<OutsideSteps>) =>
    void sync.revise({ ...steps, ...change, type: "outsideSteps" });
  const { way } = steps;
  return (
    <>
      <Row label="Leads up by">
        <Choice
          value={way.type}
          options={[
            ["steps", "steps"],
            ["ramp", "a ramp"],
          ]}
          onChange={(type) =>
            revise({
              way: type === "steps" ? { type, goingMm: usually.goingMm } : { type, slope: 1 / 12 },
            })
          }
        />
      </Row>
      {way.type === "steps" ? (
        <LengthField
          label="Going"
          mm={way.goingMm}
          onChange={(goingMm) => revise({ way: { ...way, goingMm } })}
        />
      ) : (
        <Row label="Slope">
          <Choice
            value={String(Math.round(1 / way.slope))}
            options={["8", "10", "12", "15", "20"].map((n) => [n, `1:${n}`] as const)}
            onChange={(n) => revise({ way: { ...way, slope: 1 / Number(n) } })}
          />
        </Row>
      )}
      <LengthField label="Width" mm={steps.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <LengthField
        label="Landing, deep"
        mm={steps.landingMm}
        onChange={(landingMm) => revise({ landingMm })}
      />
    </>
  );
}
