import type { ElementOf } from "../../api/types";
import { Row } from "../../ui/controls";
import { Accepted } from "../fields/Accepted";
import { useBoardTools } from "../state/context";

/** The issue a revision cloud tells of. */
export function CloudFacts({ cloud }: { readonly cloud: ElementOf<"cloud"> }) {
  const { sync } = useBoardTools();
  return (
    <Row label="In its triangle, the issue">
      <Accepted value={cloud.issue} onAccept={(issue) => void sync.revise({ ...cloud, issue })} />
    </Row>
  );
}
