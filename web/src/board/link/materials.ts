import { answerOf, api } from "../../api/client";
import type { Edit } from "../../api/types";
import { layerOf } from "../state/layers";
import { type BoardState, drawingShown } from "../state/state";
import { usualLetters } from "../state/usual";

/** The edit that names what the shown elevation is faced with; null where all of it is named. */
export async function namingMaterials(state: BoardState): Promise<Edit | null> {
  const drawing = drawingShown(state);
  if (!drawing) return null;
  const named = await answerOf(
    api.GET("/api/v1/projects/{project}/drawings/{drawing}/materials", {
      params: { path: { project: state.project, drawing: drawing.id } },
    }),
  );
  if (named.length === 0) return null;
  return {
    type: "placeNotes",
    notes: named.map(({ element, tip, at }) => ({
      type: "placeNote",
      drawing: drawing.id,
      layer: layerOf(state, "note"),
      at,
      text: "{facing}",
      style: usualLetters(state),
      widthMm: 0,
      shape: "ELBOWED",
      tip: "DOT",
      pointsAt: [{ type: "thing", thing: element, at: tip }],
    })),
  };
}
