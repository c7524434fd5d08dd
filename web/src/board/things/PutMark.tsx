import { Button } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { planShown } from "../state/state";

/** Begins putting the mark of an opening or a fitting in the plan shown. */
export function PutMark({ of }: { readonly of: string }) {
  const { store } = useBoardTools();
  const inPlan = useBoard((s) => planShown(s) !== undefined);
  if (!inPlan) return null;
  return (
    <Button className="px-2 py-0" onClick={() => store.setState({ tool: { name: "mark", thing: of } })}>
      Put it
    </Button>
  );
}
