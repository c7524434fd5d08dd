import { Materials } from "../buildups/Materials";
import { Clauses } from "../clauses/Clauses";
import { ReplaceWords } from "../clauses/ReplaceWords";
import { IssuesDialog } from "../issues/IssuesDialog";
import { LensDialog } from "../lenses/LensDialog";
import { StandardDialog } from "../lenses/StandardDialog";
import { SeveralDrawings } from "../register/SeveralDrawings";
import { LayOutDialog } from "../sheets/LayOutDialog";
import { useBoard, useBoardTools } from "../state/context";
import { elementOf } from "../state/state";
import { LetterStyles, StringStyles } from "../styles/Styles";
import { OwnStairRules } from "../things/OwnStairRules";
import { Find } from "./Find";
import { KeysDialog } from "./KeysDialog";
import { PlotDialog } from "./PlotDialog";
import { PrintDialog } from "./PrintDialog";
import { VersionsDialog } from "./VersionsDialog";

/** What is open over the board. */
export function Dialogs() {
  const { store } = useBoardTools();
  const dialog = useBoard((s) => s.dialog);
  const rules = useBoard((s) => elementOf(s, "rules", "rules"));
  const close = () => store.setState({ dialog: null });
  switch (dialog) {
    case "find":
      return <Find />;
    case "lenses":
      return <LensDialog />;
    case "standard":
      return <StandardDialog />;
    case "drawings":
      return <SeveralDrawings />;
    case "keys":
      return <KeysDialog />;
    case "print":
      return <PrintDialog onClose={close} />;
    case "plot":
      return <PlotDialog onClose={close} />;
    case "versions":
      return <VersionsDialog onClose={close} />;
    case "stringStyles":
      return <StringStyles onClose={close} />;
    case "letterStyles":
      return <LetterStyles onClose={close} />;
    case "replace":
      return <ReplaceWords onClose={close} />;
    case "clauses":
      return <Clauses onClose={close} />;
    case "issues":
      return <IssuesDialog onClose={close} />;
    case "layOut":
      return <LayOutDialog onClose={close} />;
    case "materials":
      return <Materials onClose={close} />;
    case "stairRules":
      return rules ? <OwnStairRules rules={rules} onClose={close} /> : null;
    case null:
      return null;
  }
}
