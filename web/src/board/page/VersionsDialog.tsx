import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import { Button, Fault, fieldClass, Panel } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";

const day = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

/** Named versions: keep one, look at one, go back to one. */
export function VersionsDialog({ onClose }: { readonly onClose: () => void }) {
  const { sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const [name, setName] = useState("");
  const [fault, setFault] = useState<string>();
  const params = { path: { project } };
  const versions = useQuery({
    queryKey: ["versions", project],
    queryFn: () => answerOf(api.GET("/api/v1/projects/{project}/versions", { params })),
  });

  const keep = async (e: FormEvent) => {
    e.preventDefault();
    try {
      await answerOf(api.POST("/api/v1/projects/{project}/versions", { params, body: { name } }));
      setName("");
      setFault(undefined);
      await versions.refetch();
    } catch (error) {
      setFault(sentenceOf(error));
    }
  };

  return (
    <Panel title="Versions" onClose={onClose}>
      <form className="flex gap-2" onSubmit={keep}>
        <input
          aria-label="Name of the version"
          placeholder="Name it as it stands now"
          className={`${fieldClass} grow`}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Button main type="submit" disabled={name.trim() === ""}>
          Keep
        </Button>
      </form>
      {fault && <Fault>{fault}</Fault>}
      {versions.data?.length === 0 && <p className="py-4 text-ink-2">None kept yet.</p>}
      <ul className="mt-3">
        {versions.data?.map((v) => (
          <li key={v.id} className="flex items-center gap-2 border-rule border-t py-2">
            <span className="grow">
              <b className="font-semibold">{v.name}</b>
              <br />
              <span className="text-ink-2">{day.format(new Date(v.madeAt))}</span>
            </span>
            <Button
              onClick={() => {
                void sync.lookAt({ id: v.id, name: v.name });
                onClose();
              }}
            >
              Look at
            </Button>
            <Button
              onClick={() => {
                void sync.goBack(v.id);
                onClose();
              }}
            >
              Go back to
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
