import { useState } from "react";
import type { Light, Lights } from "../../api/types";
import { Button, Choice, Row } from "../../ui/controls";
import { Figure } from "../fields/Figure";
import { LengthField } from "../fields/LengthField";
import { LightsPicture } from "./LightsPicture";
import {
  type At,
  allOpening,
  counted,
  hangsAtSide,
  isHung,
  placeIn,
  rowsOf,
  withLight,
  withToplights,
  withTransom,
} from "./rows";

const COUNTS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];
const OPENS = [
  ["FIXED", "Not at all"],
  ["SIDE_HUNG", "Side hung"],
  ["TOP_HUNG", "Top hung"],
  ["BOTTOM_HUNG", "Bottom hung"],
  ["TILT_AND_TURN", "Tilt and turn"],
  ["VERTICAL_SLIDING", "Sliding up and down"],
  ["HORIZONTAL_SLIDING", "Sliding sideways"],
] as const satisfies readonly (readonly [Light["opens"], string])[];
export const HUNG_OPEN = [
  ["out", "Outwards"],
  ["in", "Inwards"],
] as const;
const SIDES = [
  ["LEFT", "Left, from outside"],
  ["RIGHT", "Right, from outside"],
] as const;

interface Props {
  readonly lights: Lights;
  /** Of the structural opening. */
  readonly widthMm: number;
  readonly heightMm: number;
  /** Each change is told as what it makes of the lights there are by then. */
  readonly onChange: (change: (lights: Lights) => Lights) => void;
}

/** What a window's frame holds: how many lights, which over others, and how each of them opens. */
export function LightsFields({ lights, widthMm, heightMm, onChange }: Props) {
  const [picked, setPicked] = useState<At>({ row: 0, place: 0 });
  const at = placeIn(lights, picked);
  const rows = rowsOf(lights);
  const light = rows[at.row]?.[at.place];
  const all = rows.flat();
  if (!light) return null;
  const change = (part: Partial<Light>) => onChange((now) => withLight(now, at, part));
  const { over } = lights;
  return (
    <>
      <Row label="Lights">
        <Choice
          value={String(lights.row.length)}
          options={COUNTS.map((n) => [String(n), String(n)] as const)}
          onChange={(n) => onChange((now) => ({ ...now, row: counted(now.row, Number(n)) }))}
        />
      </Row>
      <Row label="Toplights">
        <Choice
          value={String(over.type === "toplights" ? over.row.length : 0)}
          options={[0, ...COUNTS].map((n) => [String(n), n === 0 ? "None" : String(n)] as const)}
          onChange={(n) => onChange((now) => withToplights(now, Number(n)))}
        />
      </Row>
      {over.type === "toplights" && (
        <LengthField
          label="Transom, from the top"
          mm={over.heightMm}
          onChange={(mm) => onChange((now) => withTransom(now, mm))}
        />
      )}
      <LightsPicture lights={lights} widthMm={widthMm} heightMm={heightMm} at={at} onPick={setPicked} />
      {all.length > 1 && (
        <Row label="Facts of">
          <Choice
            value={`${at.row} ${at.place}`}
            options={rows.flatMap((row, r) =>
              row.map((_, place) => [`${r} ${place}`, named(r, place, row.length)] as const),
            )}
            onChange={(key) => {
              const [row = 0, place = 0] = key.split(" ").map(Number);
              setPicked({ row, place });
            }}
          />
        </Row>
      )}
      <Row label="Opens">
        <Choice value={light.opens} options={OPENS} onChange={(opens) => change({ opens })} />
      </Row>
      {(hangsAtSide(light) || light.opens === "HORIZONTAL_SLIDING") && (
        <Row label={hangsAtSide(light) ? "Hangs" : "Slides to the"}>
          <Choice value={light.side} options={SIDES} onChange={(side) => change({ side })} />
        </Row>
      )}
      {(rows[at.row]?.length ?? 1) > 1 && (
        <Figure label="Its part of the width" value={light.part} onChange={(part) => change({ part })} />
      )}
      {all.some((l) => l.opens !== light.opens) && (
        <Button className="my-1" onClick={() => onChange((now) => allOpening(now, light.opens))}>
          All open like this
        </Button>
      )}
      {all.some(isHung) && (
        <Row label="Hung lights open">
          <Choice
            value={lights.inwards ? "in" : "out"}
            options={HUNG_OPEN}
            onChange={(way) => onChange((now) => ({ ...now, inwards: way === "in" }))}
          />
        </Row>
      )}
    </>
  );
}

function named(row: number, place: number, of: number): string {
  const what = row === 0 ? "Light" : "Toplight";
  return of === 1 ? what : `${what} ${place + 1} of ${of}, from the left`;
}
