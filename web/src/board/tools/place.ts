import { answerOf, api } from "../../api/client";
import { printedBox } from "../canvas/boxes";
import type { ToolOf } from "./ToolOf";

export interface Place {
  readonly name: "place";
  readonly drawing: string;
}

/** A drawing placed on the sheet shown, by its middle. */
export const place: ToolOf<Place> = {
  name: "place",
  words: "Place a drawing",
  leavesPanel: true,
  prompt: () => ["Place a drawing.", "Click where its middle goes on the sheet."],
  edit: () => null,
  take: async (hands, { drawing }, pointer) => {
    const { shown, elements, project } = hands.state;
    const sheet = shown ? elements.get(shown.id) : undefined;
    if (sheet?.type !== "sheet") return;
    const placed = sheet.drawings.find((p) => p.drawing === drawing);
    const anchor = placed?.anchor ?? (await middleOf(project, drawing));
    const others = sheet.drawings.filter((p) => p.drawing !== drawing);
    const drawings = [...others, { drawing, anchor, at: [pointer.x, pointer.y] as [number, number] }];
    if (await hands.revise({ ...sheet, drawings, type: "sheet" })) hands.choose("select");
  },
};

/** The middle of what a drawing shows. */
async function middleOf(project: string, drawing: string): Promise<[number, number]> {
  const path = { project, drawing };
  const { picture } = await answerOf(
    api.GET("/api/v1/projects/{project}/drawings/{drawing}/picture", { params: { path } }),
  );
  const box = printedBox(picture.groups, picture.scale);
  return box ? [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] : [0, 0];
}
