import { useQuery } from "@tanstack/react-query";
import { type ChangeEvent, useRef, useState } from "react";
import { answerOf, api, sentenceOf } from "../../api/client";
import type { Edit, TracedFile, Tracing } from "../../api/types";
import { Button, Fault, Row } from "../../ui/controls";
import { useBoard, useBoardTools } from "../state/context";
import { type BoardState, elementsOf, planShown } from "../state/state";

const link = "text-verdigris underline hover:text-ink";

/** Pictures and PDF pages laid behind the plan to trace from. */
export function TracedFrom() {
  const plan = useBoard(planShown);
  const elements = useBoard((s) => s.elements);
  const [fault, setFault] = useState<string | null>(null);
  if (!plan) return null;
  const laid = elementsOf({ elements }, "tracing").filter((t) => t.storey === plan.storey);
  return (
    <section className="mt-4 border-rule border-t pt-3">
      <h2 className="font-semibold text-[15px]">Traced from</h2>
      <p className="mb-1 text-ink-2">Behind the plan; never printed.</p>
      {laid.map((t) => (
        <Laid key={t.id} tracing={t} />
      ))}
      {fault && <Fault>{fault}</Fault>}
      <LayFile onFault={setFault} />
    </section>
  );
}

/** Chooses a file and lays its first page in the middle of what the board shows. */
function LayFile({ onFault }: { readonly onFault: (sentence: string | null) => void }) {
  const { store, sync } = useBoardTools();
  const input = useRef<HTMLInputElement>(null);
  const lay = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (!file) return;
    onFault(null);
    try {
      const traced = await kept(file);
      const edit = laying(traced, file.name, store.getState());
      if (edit) await sync.edit(edit);
    } catch (error) {
      onFault(sentenceOf(error));
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        aria-label="File to trace from"
        accept="image/png,image/jpeg,application/pdf"
        className="sr-only"
        onChange={(e) => void lay(e)}
      />
      <Button className="mt-1" onClick={() => input.current?.click()}>
        Lay a picture or PDF behind
      </Button>
    </>
  );
}

async function kept(file: File): Promise<TracedFile> {
  const type = file.type || "application/pdf";
  return answerOf(
    api.POST("/api/v1/files", {
      body: file as never,
      bodySerializer: (body: unknown) => body as Blob,
      headers: { "Content-Type": type },
    }),
  );
}

/** A page of a drawing is taken to be at the plan's own scale; a picture fills half the board until it is scaled. */
function laying(traced: TracedFile, name: string, state: BoardState): Edit | null {
  const plan = planShown(state);
  const size = traced.pages[0];
  if (!plan || !size) return null;
  const shown = state.size.width / state.view.zoom / 2;
  const factor = traced.pdf ? plan.scale : shown / size.widthMm;
  const widthMm = size.widthMm * factor;
  const heightMm = size.heightMm * factor;
  const { x, y } = state.view.centre;
  return {
    type: "layTracing",
    storey: plan.storey,
    name: name.slice(0, 110),
    file: traced.file,
    page: 1,
    at: [x - widthMm / 2, y - heightMm / 2],
    widthMm,
    heightMm,
  };
}

function Laid({ tracing }: { readonly tracing: Tracing }) {
  const { sync, actions } = useBoardTools();
  const selected = useBoard((s) => s.selection.includes(tracing.id));
  const revise = (change: Partial<Tracing>) => void sync.revise({ ...tracing, ...change, type: "tracing" });
  return (
    <div className="mb-2">
      <button
        type="button"
        aria-pressed={selected}
        title="Select it, to move or turn it"
        className="max-w-full truncate text-left aria-pressed:font-semibold aria-pressed:text-verdigris"
        onClick={() => actions.selection.selectJust([tracing.id])}
      >
        {tracing.name}
      </button>
      <Row label="Strength">
        <Strength value={tracing.strength} onChange={(strength) => revise({ strength })} />
      </Row>
      <PageChoice tracing={tracing} onChange={(page) => revise({ page })} />
      <div className="flex gap-3">
        <button type="button" className={link} onClick={() => actions.scaleTracing(tracing.id)}>
          Scale by two points
        </button>
        <button type="button" className={link} onClick={() => void sync.erase([tracing.id])}>
          Take away
        </button>
      </div>
    </div>
  );
}

interface StrengthProps {
  readonly value: number;
  readonly onChange: (value: number) => void;
}

function Strength({ value, onChange }: StrengthProps) {
  const [now, setNow] = useState(value);
  return (
    <input
      type="range"
      aria-label="Strength"
      className="accent-verdigris"
      min={0.05}
      max={1}
      step={0.05}
      value={now}
      onChange={(e) => setNow(Number(e.target.value))}
      onPointerUp={() => onChange(now)}
      onKeyUp={() => onChange(now)}
    />
  );
}

interface PageProps {
  readonly tracing: Tracing;
  readonly onChange: (page: number) => void;
}

/** Pages are counted by the server; one that is not there is said so by the picture's absence. */
function PageChoice({ tracing, onChange }: PageProps) {
  const pages = usePages(tracing.file);
  if (pages < 2) return null;
  return (
    <Row label={`Page, of ${pages}`}>
      <select
        className="rounded border border-rule bg-paper px-2 py-0.5"
        value={tracing.page}
        onChange={(e) => onChange(Number(e.target.value))}
      >
        {Array.from({ length: pages }, (_, i) => i + 1).map((n) => (
          <option key={n} value={n}>
            {n}
          </option>
        ))}
      </select>
    </Row>
  );
}

function usePages(file: string): number {
  const { data } = useQuery({
    queryKey: ["traced", file],
    queryFn: () => answerOf(api.GET("/api/v1/files/{file}", { params: { path: { file } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return data?.pages.length ?? 1;
}
