import { useState } from "react";
import { flushSync } from "react-dom";
import { reasonOf } from "../../api/client";
import type { TradeRegion } from "../../api/types";
import { Button, Fault, fieldClass, Panel, Row } from "../../ui/controls";
import { useDraft } from "../fields/useDraft";
import { RegionSizes } from "./RegionSizes";
import { RegionStock } from "./RegionStock";
import { RegionWords } from "./RegionWords";

export interface RegionPart {
  readonly region: TradeRegion;
  readonly change: (part: Partial<TradeRegion>) => void;
}

interface Props {
  readonly region: TradeRegion;
  readonly onKeep: (region: TradeRegion) => Promise<void>;
  readonly onRemove: (id: string) => Promise<void>;
  readonly onClose: () => void;
}

const PARTS = [
  ["words", "Words and storeys", RegionWords],
  ["stock", "Build-ups and timber", RegionStock],
  ["sizes", "Sizes", RegionSizes],
] as const;

type PartKey = (typeof PARTS)[number][0];

/** The part in which something cannot be read. */
function unreadPart(): PartKey | undefined {
  const within = document.querySelector("[role=dialog] [aria-invalid=true]")?.closest("section");
  return PARTS.find(([, words]) => words === within?.getAttribute("aria-label"))?.[0];
}

/** What projects of a trade region are offered. One that comes with the program stays; what is changed becomes the office's own. */
export function OwnRegion({ region: initial, onKeep, onRemove, onClose }: Props) {
  const comes = initial.id === initial.like;
  const { draft, put, settled } = useDraft<TradeRegion>(
    comes ? { ...initial, name: `${initial.name}, our office` } : initial,
  );
  const [part, setPart] = useState<PartKey>("words");
  const [fault, setFault] = useState<string | null>(null);
  const change = (changed: Partial<TradeRegion>) => put({ ...draft, ...changed });
  const done = async (what: Promise<void>) => {
    try {
      await what;
      onClose();
    } catch (refused) {
      setFault(reasonOf(refused));
    }
  };
  const save = () => {
    const unread = unreadPart();
    if (unread) flushSync(() => setPart(unread));
    const region = settled();
    const id = comes ? `${initial.like}:${Date.now().toString(36)}` : initial.id;
    if (region) void done(onKeep({ ...region, id, name: region.name.trim() }));
  };
  return (
    <Panel title="What is offered there" onClose={onClose} size="w-180">
      <Row label="Name of the region">
        <input
          className={`${fieldClass} w-96`}
          value={draft.name}
          onChange={(e) => change({ name: e.target.value })}
        />
      </Row>
      <div className="mt-2 flex gap-1">
        {PARTS.map(([key, words]) => (
          <Button key={key} aria-pressed={key === part} main={key === part} onClick={() => setPart(key)}>
            {words}
          </Button>
        ))}
      </div>
      {PARTS.map(([key, words, Part]) => (
        <section
          key={key}
          aria-label={words}
          hidden={key !== part}
          className="my-3 h-96 overflow-auto border-rule border-y py-2 pr-3"
        >
          <Part region={draft} change={change} />
        </section>
      ))}
      {fault && <Fault>{fault}</Fault>}
      <p className="text-ink-2 text-xs">
        {comes
          ? `“${initial.name}” comes with the program and stays as it is.`
          : "Projects that are of it already keep what they have."}{" "}
        Rules, fittings and how doors and stairs are made are those of the region it is like.
      </p>
      <div className="mt-3 flex items-center justify-end gap-2">
        {!comes && (
          <Button className="mr-auto" onClick={() => void done(onRemove(initial.id))}>
            Remove it
          </Button>
        )}
        <Button onClick={onClose}>Cancel</Button>
        <Button main disabled={draft.name.trim() === ""} onClick={save}>
          {comes ? "Keep as our own" : "Keep"}
        </Button>
      </div>
    </Panel>
  );
}
