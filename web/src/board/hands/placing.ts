import { answerOf, api } from "../../api/client";
import type { Sheet } from "../../api/types";
import { boxOf } from "../canvas/boxes";
import type { Sync } from "../link/sync";
import type { BoardStore } from "../state/store";
import type { ModelPoint } from "../state/view";

/** Places a drawing on the sheet shown; true when that is stored. */
export async function placeDrawing(
  store: BoardStore,
  sync: Sync,
  drawing: string,
  at: ModelPoint,
): Promise<boolean> {
  const { shown, elements, project } = store.getState();
  const sheet = shown ? elements.get(shown.id) : undefined;
  if (sheet?.type !== "sheet") return false;
  const placed = sheet.drawings.find((p) => p.drawing === drawing);
  const anchor = placed?.anchor ?? (await middleOf(project, drawing));
  const others = sheet.drawings.filter((p) => p.drawing !== drawing);
  const next: Sheet = { ...sheet, drawings: [...others, { drawing, anchor, at: [at.x, at.y] }] };
  return sync.revise({ ...next, type: "sheet" });
}

/** The middle of what a drawing shows. */
async function middleOf(project: string, drawing: string): Promise<[number, number]> {
  const path = { project, drawing };
  const { picture } = await answerOf(
    api.GET("/api/v1/projects/{project}/drawings/{drawing}/picture", { params: { path } }),
  );
  const box = boxOf(picture.groups, picture.scale);
  return box ? [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] : [0, 0];
}
