import type { Lights, Opening } from "../../api/types";
import { LengthField, LengthText } from "../fields/LengthField";
import { useBoard, useBoardTools } from "../state/context";
import { revisionOfType } from "../state/revisions";
import { elementOf } from "../state/state";
import { MakeFields } from "./MakeFields";
import { OpeningKindFields } from "./OpeningKindFields";
import { OpeningType } from "./OpeningType";
import { OpeningWork } from "./OpeningWork";
import { SetOutFacts } from "./SetOutFacts";
import { useInTurn } from "./useInTurn";

/** What openings of one type do not share. */
const OWN = ["placing", "work", "words"] as const;

/** The facts of a selected door or window. What its type shares changes in all openings of the type. */
export function OpeningFacts({ opening }: { readonly opening: Opening }) {
  const { sync } = useBoardTools();
  const settingOut = useBoard((s) => (s.settingOut?.thing === opening.id ? s.settingOut : null));
  const inTurn = useInTurn();
  const send = (of: Opening, change: Partial<Opening>) => {
    const element = { ...of, ...change, type: "opening" } as const;
    const turned = OWN.some((part) => change[part] !== undefined) || of.typeMark === "";
    return turned ? sync.revise(element) : sync.edit(revisionOfType(element));
  };
  const revise = (change: Partial<Opening>) => void send(opening, change);
  const reviseLights = (change: (lights: Lights) => Lights) =>
    inTurn(() => {
      const now = elementOf(sync.state, "opening", opening.id);
      return now?.kind.type === "window"
        ? send(now, { kind: { ...now.kind, lights: change(now.kind.lights) } })
        : undefined;
    });
  const { kind, make } = opening;
  const unit = { width: opening.widthMm - make.fixWidthMm, height: opening.heightMm - make.fixHeightMm };
  return (
    <>
      {settingOut && <SetOutFacts settingOut={settingOut} onChange={(placing) => revise({ placing })} />}
      <OpeningType opening={opening} />
      <LengthField label="Width" mm={opening.widthMm} onChange={(widthMm) => revise({ widthMm })} />
      <LengthField label="Height" mm={opening.heightMm} onChange={(heightMm) => revise({ heightMm })} />
      <LengthField label="Sill" mm={opening.sillMm} onChange={(sillMm) => revise({ sillMm })} />
      {opening.sillMm > 0 && (
        <LengthField
          label="Head"
          mm={opening.sillMm + opening.heightMm}
          onChange={(head) => revise({ heightMm: head - opening.sillMm })}
        />
      )}
      <p className="py-1 text-ink-2">
        Unit <LengthText mm={unit.width} /> x <LengthText mm={unit.height} />
      </p>
      <OpeningKindFields
        kind={kind}
        widthMm={opening.widthMm}
        heightMm={opening.heightMm}
        onChange={(next) => revise({ kind: next })}
        onLights={reviseLights}
      />
      <OpeningWork opening={opening} revise={revise} />
      <MakeFields kind={kind.type} make={make} onChange={(next) => revise({ make: next })} />
    </>
  );
}
