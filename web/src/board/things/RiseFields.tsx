import type { Rise } from "../../api/types";
import { Choice, Row } from "../../ui/controls";
import { LengthField } from "../fields/LengthField";
import { useBoard } from "../state/context";
import { planShown } from "../state/state";

interface RiseFacts {
  readonly rise: Rise;
}

interface Props<T extends RiseFacts> {
  readonly facts: T;
  readonly onChange: (facts: T) => void;
}

type Made = "fixed" | "raked" | "gable" | "stepped";
type Ways = Made | "level" | "stairs";
type Along = Extract<Rise["head"], { type: "along" }>;

/** From where to where walls rise. */
export function RiseFields<T extends RiseFacts>({ facts, onChange }: Props<T>) {
  const headMm = useBoard((s) => s.storeys.find((a) => a.id === planShown(s)?.storey)?.headMm ?? 2400);
  const { rise } = facts;
  const { head, foot } = rise;
  const set = (part: Partial<Rise>) => onChange({ ...facts, rise: { ...rise, ...part } });
  return (
    <div className="mt-3 border-rule border-t pt-2">
      <Row label="Head">
        <Choice
          value={wayOf(head)}
          options={[
            ["level", "Under the structure above"],
            ["fixed", "At a height of its own"],
            ["raked", "Raked"],
            ["gable", "Gable"],
            ["stepped", "Stepped"],
            ...(head.type === "underStairs" ? [["stairs", "Under the stairs over it"] as const] : []),
          ]}
          onChange={(way) => {
            if (way === "level") set({ head: { type: "underStoreyAbove" } });
            else if (way !== "stairs") set({ head: made(way, headMm, 1200) });
          }}
        />
      </Row>
      {head.type === "fixed" && (
        <LengthField
          label="Head above floor"
          mm={head.mm}
          onChange={(mm) => set({ head: { ...head, mm } })}
        />
      )}
      {head.type === "along" && (
        <Heights what="Head" along={head} onChange={(along) => set({ head: along })} />
      )}
      <Row label="Foot">
        <Choice
          value={wayOf(foot)}
          options={[
            ["level", "On the floor's structure"],
            ["fixed", "At a height of its own"],
            ["raked", "Raked"],
            ["stepped", "Stepped"],
          ]}
          onChange={(way) => {
            if (way === "level") set({ foot: { type: "onFloor" } });
            else if (way !== "stairs") set({ foot: made(way, 0, 600) });
          }}
        />
      </Row>
      {foot.type === "fixed" && (
        <LengthField
          label="Foot above floor"
          mm={foot.mm}
          onChange={(mm) => set({ foot: { ...foot, mm } })}
        />
      )}
      {foot.type === "along" && (
        <Heights what="Foot" along={foot} onChange={(along) => set({ foot: along })} />
      )}
    </div>
  );
}

function wayOf(place: Rise["head"] | Rise["foot"]): Ways {
  if (place.type === "fixed") return "fixed";
  if (place.type === "underStairs") return "stairs";
  if (place.type !== "along") return "level";
  const { heights } = place;
  const steps = heights.some((h, i) => h.part === heights[i - 1]?.part);
  return steps ? "stepped" : heights.length === 3 ? "gable" : "raked";
}

/** A first guess of a form: level at `mm`, and as far above as it rises. */
function made(way: Made, mm: number, rises: number): Along | { type: "fixed"; mm: number } {
  const at = (part: number, height: number) => ({ part, mm: height });
  switch (way) {
    case "fixed":
      return { type: "fixed", mm };
    case "raked":
      return { type: "along", heights: [at(0, mm), at(1, mm + rises)] };
    case "gable":
      return { type: "along", heights: [at(0, mm), at(0.5, mm + 2 * rises), at(1, mm)] };
    case "stepped":
      return { type: "along", heights: [at(0, mm), at(0.5, mm), at(0.5, mm + rises), at(1, mm + rises)] };
  }
}

/** The heights of a raked or stepped head or foot, each at its part of the wall. */
function Heights(props: { what: string; along: Along; onChange: (along: Along) => void }) {
  const { what, along, onChange } = props;
  const label = (part: number) =>
    part === 0 ? "at the start" : part === 1 ? "at the end" : `at ${Math.round(part * 100)} %`;
  return (
    <>
      {along.heights.map((h, i) => (
        <LengthField
          // biome-ignore lint/suspicious/noArrayIndexKey: two heights at one place are a step
          key={i}
          label={`${what} ${label(h.part)}`}
          mm={h.mm}
          onChange={(mm) =>
            onChange({ ...along, heights: along.heights.map((o, k) => (k === i ? { ...o, mm } : o)) })
          }
        />
      ))}
    </>
  );
}
