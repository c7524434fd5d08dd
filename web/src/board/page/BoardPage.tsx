import { useEffect, useState } from "react";
import { Button, Fault } from "../../ui/controls";
import { goTo } from "../../ui/route";
import { keptKeys } from "../commands/keymap";
import { Actions } from "../hands/actions";
import { useKeys } from "../hands/keys";
import { Sync } from "../link/sync";
import { SidePanel } from "../panels/SidePanel";
import { type Board, BoardContext, useBoard } from "../state/context";
import { createBoardStore } from "../state/store";
import { Dialogs } from "./Dialogs";
import { DrawingBoard } from "./DrawingBoard";
import { EntryLine } from "./EntryLine";
import { FirstSteps } from "./FirstSteps";
import { StageRail } from "./StageRail";
import { TopStrip } from "./TopStrip";

/** The board with everything round it, for one project. */
export function BoardPage({ project }: { readonly project: string }) {
  const [board, setBoard] = useState<Board | null>(null);

  useEffect(() => {
    const store = createBoardStore(project);
    store.setState({ ownKeys: keptKeys() });
    const sync = new Sync(store);
    setBoard({ store, sync, actions: new Actions(store, sync) });
    return () => sync.stop();
  }, [project]);

  return board ? (
    <BoardContext.Provider value={board}>
      <Desk />
    </BoardContext.Provider>
  ) : null;
}

function Desk() {
  const fault = useBoard((s) => s.fault);
  const loaded = useBoard((s) => s.loaded);
  useKeys();
  return (
    <div className="relative grid h-full grid-cols-[172px_minmax(0,1fr)_304px] grid-rows-[44px_minmax(0,1fr)_44px] overflow-hidden">
      <TopStrip />
      <StageRail />
      <main className="relative overflow-hidden bg-paper">
        <DrawingBoard />
        {fault && (
          <div className="absolute inset-x-10 top-10">
            <Fault>{fault}</Fault>
            <Button onClick={() => goTo("/")}>All projects</Button>
          </div>
        )}
        <FirstSteps />
        {!loaded && !fault && (
          <p className="absolute inset-x-0 top-10 text-center text-ink-2">Reading the project…</p>
        )}
      </main>
      <SidePanel />
      <EntryLine />
      <Dialogs />
    </div>
  );
}
