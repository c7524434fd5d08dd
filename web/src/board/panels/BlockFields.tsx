import type { Drawing } from "../../api/types";
import { Accepted } from "../fields/Accepted";
import { NumberField } from "../fields/NumberField";
import { PictureField } from "../sheets/PictureField";
import { NoteFields } from "../things/NoteFields";

/** On paper: as wide as a picture can be. */
const WIDEST_MM = 1200;

const MOST_COLUMNS = 6;

interface Props {
  readonly drawing: Drawing;
  readonly revise: (change: Partial<Drawing>) => void;
}

/** What words on a sheet say and how they are set; of a picture, which and how wide. */
export function BlockFields({ drawing, revise }: Props) {
  const { subject } = drawing;
  if (subject.type === "written")
    return (
      <>
        <Accepted
          rows={14}
          value={subject.text}
          onAccept={(text) => revise({ subject: { ...subject, text } })}
        />
        <p className="pb-1 text-ink-2 text-xs">
          Lines that begin with 1. or - are entries of a list. {"{project}"}, {"{address}"}, {"{client}"},{" "}
          {"{drawn by}"} and the names of fields of the title block say what the project has. Words are looked
          for and replaced with the notes.
        </p>
        <NoteFields
          style={subject.style}
          widthMm={subject.widthMm === 0 ? null : subject.widthMm}
          onStyle={(style) => revise({ subject: { ...subject, style } })}
          onWidth={(mm) =>
            revise({ subject: { ...subject, widthMm: mm ?? 0, columns: mm ? subject.columns : 1 } })
          }
        />
        {subject.widthMm > 0 && (
          <NumberField
            label="Columns"
            value={subject.columns}
            most={MOST_COLUMNS}
            onChange={(columns) => revise({ subject: { ...subject, columns: Math.max(1, columns ?? 1) } })}
          />
        )}
      </>
    );
  if (subject.type === "pictured")
    return (
      <>
        <PictureField data={subject.data} onChange={(data) => revise({ subject: { ...subject, data } })} />
        <NumberField
          label="Width, mm on paper"
          value={subject.widthMm}
          most={WIDEST_MM}
          onChange={(mm) => mm !== null && revise({ subject: { ...subject, widthMm: mm } })}
        />
      </>
    );
  return null;
}
