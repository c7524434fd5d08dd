import { Button, Choice, Row } from "../../ui/controls";
import { BuildUpPlies } from "../buildups/BuildUpPlies";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf, wallBuildUps } from "../state/state";
import { RiseFields } from "./RiseFields";

/** Several walls selected: made of another build-up together, each keeping its set-out line. */
export function SelectedWalls() {
  const { sync, actions } = useBoardTools();
  const elements = useBoard((s) => s.elements);
  const selection = useBoard((s) => s.selection);
  const walls = selection.flatMap((id) => elementOf({ elements }, "wall", id) ?? []);
  const [first] = walls;
  if (!first || walls.length < 2) return null;
  const ids = walls.map((w) => w.id);
  const buildUps = wallBuildUps({ elements });
  const shared = walls.every((w) => w.buildUp === walls[0]?.buildUp) ? walls[0]?.buildUp : undefined;
  const buildUp = elementOf({ elements }, "buildUp", shared);
  const remake = (id: string) => void sync.remake(ids, id, null);
  const choices = buildUps.map((b) => [b.id, `${b.mark} ${b.name}`] as const);
  return (
    <>
      <Row label={`Build-up of ${walls.length} walls`}>
        <Choice
          value={shared ?? ""}
          options={shared ? choices : [["", "Different"], ...choices]}
          onChange={remake}
        />
      </Row>
      {buildUp && <BuildUpPlies buildUp={buildUp} />}
      <RiseFields
        facts={first}
        onChange={({ rise }) => void actions.changing.reviseAll(walls.map((w) => ({ ...w, rise })))}
      />
      <Button
        className="mt-3 mr-2"
        title="Build-up and set-out line of the wall selected first"
        onClick={() => void sync.remake(ids, first.buildUp, first.setOut)}
      >
        Make all like {first.mark}
      </Button>
      <Button className="mt-3 mr-2" onClick={() => void actions.changing.joinInLine()}>
        Join in line
      </Button>
    </>
  );
}
