import { useState } from "react";
import { answerOf, api, reasonOf } from "../../api/client";
import { Button, fieldClass } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { layerOf } from "../state/layers";

/** Draws revision clouds round all that is different from an issue today. @param issue the number in their triangles */
export function DrawClouds({ before, issue }: { readonly before: string; readonly issue: string }) {
  const { store, sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const [number, setNumber] = useState(issue);
  const [said, setSaid] = useState("");
  const [busy, setBusy] = useState(false);
  const draw = async () => {
    setBusy(true);
    setSaid(await drawn());
    setBusy(false);
  };
  const drawn = async () => {
    try {
      const clouds = await answerOf(
        api.GET("/api/v1/projects/{project}/issues/{issue}/clouds", {
          params: { path: { project, issue: before } },
        }),
      );
      if (clouds.length === 0) return "No drawing shows anything else.";
      const layer = layerOf(store.getState(), "cloud");
      const accepted = await sync.edit({
        type: "drawClouds",
        clouds: clouds.map((c) => ({ type: "drawCloud", ...c, layer, issue: number })),
      });
      if (!accepted) return "";
      return clouds.length === 1 ? "A cloud was drawn." : `${clouds.length} clouds were drawn.`;
    } catch (error) {
      return reasonOf(error);
    }
  };
  return (
    <div className="mb-3 flex items-center gap-2">
      <Button onClick={() => void draw()} disabled={busy}>
        Draw clouds round what is different
      </Button>
      <label className="flex items-center gap-2 text-ink-2">
        for issue
        <input className={`${fieldClass} w-16`} value={number} onChange={(e) => setNumber(e.target.value)} />
      </label>
      <span role="status">{said}</span>
    </div>
  );
}
