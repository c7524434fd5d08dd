import type { StringScheme } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { OnPaper } from "../fields/OnPaper";

interface Props {
  readonly scheme: StringScheme;
  readonly onChange: (scheme: StringScheme) => void;
}

/** Which lines the strings of a plan go to, and how far they stand off. */
export function SchemeFields({ scheme, onChange }: Props) {
  const by = (part: Partial<StringScheme>) => onChange({ ...scheme, ...part });
  return (
    <>
      <Row label="Shell, outside">
        <Choice
          value={scheme.outside}
          options={[
            ["FINISH", "to its outer face"],
            ["STRUCTURE", "to its structure"],
          ]}
          onChange={(outside) => by({ outside })}
        />
      </Row>
      <Row label="Walls, inside">
        <Choice
          value={scheme.walls}
          options={[
            ["FINISH", "to finished faces"],
            ["STRUCTURE", "to structure"],
            ["CENTRE", "to their middles"],
          ]}
          onChange={(walls) => by({ walls })}
        />
      </Row>
      <Row label="Openings">
        <Choice
          value={scheme.openings}
          options={[
            ["EDGES", "to their edges"],
            ["CENTRES", "to their middles"],
          ]}
          onChange={(openings) => by({ openings })}
        />
      </Row>
      <OnPaper
        label="First string off the house"
        mm={scheme.firstMm}
        onChange={(firstMm) => by({ firstMm })}
      />
      <OnPaper label="Next string" mm={scheme.nextMm} onChange={(nextMm) => by({ nextMm })} />
    </>
  );
}
