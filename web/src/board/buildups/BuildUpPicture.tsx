import type { BuildUp, Picture, SetOut, Side } from "../../api/types";
import { printLength } from "../../measure/print";
import { useBoard } from "../state/context";
import { unitsOf } from "../state/state";
import { optionOf, setOutDepth, setOutOptions } from "../things/setOut";
import { PictureSvg } from "./PictureSvg";

type Plies = BuildUp["plies"];

interface Props {
  readonly plies: Plies;
  /** The cut through these plies; the last one known while a new one is on its way. */
  readonly picture: Picture | null;
  readonly setOut?: SetOut;
  readonly outside?: Side;
  /** With this, the line a wall is set out along can be picked. */
  readonly onPick?: (setOut: SetOut) => void;
}

/** A cut through a build-up, to scale, outside at the left; what carries is underlined. */
export function BuildUpPicture({ plies, picture, setOut, outside, onPick }: Props) {
  const total = plies.reduce((sum, p) => sum + p.thicknessMm, 0);
  const height = total * 0.25;
  const letters = total / (onPick ? 22 : 46);
  return (
    <svg
      role="img"
      aria-label="The build-up, to scale"
      viewBox={`${-total * 0.02} ${-height - letters} ${total * 1.04} ${height + letters * 3}`}
      className="w-full"
    >
      {picture && <PictureSvg picture={picture} />}
      {plies.map((ply, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a ply is known by its place
        <Figure key={i} ply={ply} from={depth(plies, i)} letters={letters} />
      ))}
      {setOut && onPick && (
        <SetOutLines
          plies={plies}
          setOut={setOut}
          outside={outside}
          height={height}
          reach={letters}
          onPick={onPick}
        />
      )}
    </svg>
  );
}

function depth(plies: Plies, face: number): number {
  return plies.slice(0, face).reduce((sum, p) => sum + p.thicknessMm, 0);
}

interface FigureProps {
  readonly ply: Plies[number];
  readonly from: number;
  readonly letters: number;
}

function Figure({ ply, from, letters }: FigureProps) {
  const units = useBoard(unitsOf);
  const fits = ply.thicknessMm > letters * (units === "METRIC" ? 2 : 2.6);
  return (
    <>
      {ply.does === "CARRIES" && (
        <rect x={from} y={letters * 0.25} width={ply.thicknessMm} height={letters * 0.2} fill="#1c766a" />
      )}
      {fits && (
        <text
          x={from + ply.thicknessMm / 2}
          y={letters * 1.6}
          fontSize={letters}
          textAnchor="middle"
          fill="#222b31"
        >
          {printLength(ply.thicknessMm, units)}
        </text>
      )}
    </>
  );
}

interface LinesProps {
  readonly plies: Plies;
  readonly setOut: SetOut;
  readonly outside: Side | undefined;
  readonly height: number;
  readonly reach: number;
  readonly onPick: (setOut: SetOut) => void;
}

/** Every line a wall can be set out along; the one in use is marked. */
function SetOutLines({ plies, setOut, outside, height, reach, onPick }: LinesProps) {
  const now = optionOf({ plies }, setOut)?.key;
  return setOutOptions({ plies }, outside).map(({ key, setOut: place, words }) => {
    const x = setOutDepth({ plies }, place);
    const used = key === now;
    return (
      // biome-ignore lint/a11y/useSemanticElements: a part of a picture cannot be a button element
      <g
        key={key}
        role="button"
        tabIndex={0}
        aria-label={`Set out along ${words}`}
        aria-pressed={used}
        className="cursor-pointer"
        onClick={() => onPick(place)}
        onKeyDown={(e) => e.key === "Enter" && onPick(place)}
      >
        <title>{words}</title>
        <rect
          x={x - reach / 2}
          y={-height - reach}
          width={reach}
          height={height + reach}
          fill="transparent"
        />
        {used ? (
          <line
            x1={x}
            x2={x}
            y1={-height - reach}
            y2={reach * 0.4}
            stroke="#a63f2d"
            strokeWidth={reach * 0.22}
            strokeDasharray={`${reach} ${reach * 0.35} ${reach * 0.2} ${reach * 0.35}`}
          />
        ) : (
          <circle cx={x} cy={-height - reach * 0.5} r={reach * 0.2} fill="#616a72" />
        )}
      </g>
    );
  });
}
