import { useState } from "react";
import { Choice, fieldClass, Row } from "../../ui/controls";
import { Section } from "../../ui/Section";
import type { MakingProps } from "../tools/ToolOf";

/** How what is selected is copied. */
export function CopyFacts({ making: { copies }, set }: MakingProps) {
  return (
    <Section title="Copies in a row" words="of what is selected">
      <Count value={copies.count} onChange={(count) => set({ copies: { ...copies, count } })} />
      <Row label="The distance is">
        <Choice
          value={copies.fit ? "fit" : "apart"}
          options={[
            ["apart", "From one to the next"],
            ["fit", "To the last, evenly between"],
          ]}
          onChange={(way) => set({ copies: { ...copies, fit: way === "fit" } })}
        />
      </Row>
    </Section>
  );
}

/** How what is selected is turned. */
export function TurnFacts(props: MakingProps) {
  return (
    <Section title="Turn" words="what is selected">
      <Original {...props} />
    </Section>
  );
}

/** How what is selected is mirrored. */
export function MirrorFacts(props: MakingProps) {
  return (
    <Section title="Mirror" words="what is selected">
      <Original {...props} />
    </Section>
  );
}

function Original({ making, set }: MakingProps) {
  return (
    <Row label="The original">
      <Choice
        value={making.leaves ? "stays" : "goes"}
        options={[
          ["goes", "Goes itself"],
          ["stays", "Stays, a copy goes"],
        ]}
        onChange={(way) => set({ leaves: way === "stays" })}
      />
    </Row>
  );
}

function Count({ value, onChange }: { readonly value: number; readonly onChange: (count: number) => void }) {
  const [text, setText] = useState(String(value));
  const count = Number(text);
  const isCount = Number.isInteger(count) && count >= 1 && count <= 200;
  return (
    <>
      <Row label="How many">
        <input
          aria-invalid={!isCount}
          className={`${fieldClass} w-20 text-right`}
          value={text}
          onChange={(e) => {
            setText(e.target.value);
            const next = Number(e.target.value);
            if (Number.isInteger(next) && next >= 1 && next <= 200) onChange(next);
          }}
        />
      </Row>
      {!isCount && <p className="text-oxide text-xs">A whole number from 1 to 200.</p>}
    </>
  );
}
