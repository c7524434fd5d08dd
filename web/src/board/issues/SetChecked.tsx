import { useQuery } from "@tanstack/react-query";
import { answerOf, api } from "../../api/client";
import type { Finding } from "../../api/types";
import { useBoard, useBoardTools } from "../state/context";

/** What an officer or a builder would miss in the set, each with a way there. */
export function SetChecked({ onClose }: { readonly onClose: () => void }) {
  const { store, sync } = useBoardTools();
  const project = useBoard((s) => s.project);
  const elements = useBoard((s) => s.elements);
  const revision = useBoard((s) => s.revision);
  const { data: found } = useQuery({
    queryKey: ["set-check", project, revision],
    queryFn: () =>
      answerOf(api.GET("/api/v1/projects/{project}/issues/check", { params: { path: { project } } })),
  });
  const show = async ({ concerns }: Finding) => {
    const shown = concerns
      .map((id) => elements.get(id))
      .find((e) => e?.type === "sheet" || e?.type === "drawing");
    if (shown?.type === "sheet" || shown?.type === "drawing")
      await sync.show({ kind: shown.type, id: shown.id });
    else store.setState({ panel: "findings", selection: [...concerns] });
    onClose();
  };
  if (!found) return <p className="mt-3 text-ink-2">The set is being looked over.</p>;
  if (found.length === 0) return <p className="mt-3 text-verdigris">Nothing is missed in the set.</p>;
  return (
    <section className="mt-3" aria-label="What is missed">
      <h3 className="font-semibold">
        {found.length === 1 ? "One thing is" : `${found.length} things are`} worth a look before it goes out
      </h3>
      <ul className="max-h-52 list-disc overflow-auto pl-5">
        {found.map((f) => (
          <li key={f.sentence}>
            <button
              type="button"
              className="text-left hover:text-verdigris hover:underline"
              title={f.remedy}
              onClick={() => void show(f)}
            >
              {f.sentence}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
