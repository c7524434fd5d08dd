import { type FormEvent, useState } from "react";
import { answerOf, api, sentenceOf } from "../api/client";
import type { NewProject } from "../api/types";
import { useRegions } from "../api/useRegions";
import { Button, Choice, Fault, fieldClass, Panel, Row } from "../ui/controls";
import { goTo } from "../ui/route";
import { BeginsWith, type Begun, fileOf } from "./BeginsWith";

const empty: NewProject = {
  name: "",
  address: "",
  client: "",
  drawnBy: "",
  region: "UK",
  paper: "A2",
  standard: "",
};
const texts = [
  ["name", "Name"],
  ["address", "Address"],
  ["client", "Client"],
  ["drawnBy", "Drawn by"],
] as const;

export function NewProjectDialog({ onClose }: { readonly onClose: () => void }) {
  const [facts, setFacts] = useState(empty);
  const [fault, setFault] = useState<string>();
  const { regions } = useRegions();
  const region = regions.find((o) => o.region.id === facts.region)?.region;
  const [standard, setStandard] = useState<Begun>({ with: "" });

  const make = async (e: FormEvent) => {
    e.preventDefault();
    try {
      const body = { ...facts, standard: await fileOf(standard) };
      const made = await answerOf(api.POST("/api/v1/projects", { body }));
      goTo(`/projects/${made.id}`);
    } catch (error) {
      setFault(sentenceOf(error));
    }
  };

  return (
    <Panel title="New project" onClose={onClose}>
      <form onSubmit={make}>
        {texts.map(([key, label]) => (
          <Row key={key} label={label}>
            <input
              className={`${fieldClass} w-72`}
              value={facts[key]}
              onChange={(e) => setFacts({ ...facts, [key]: e.target.value })}
            />
          </Row>
        ))}
        <Row label="Built in">
          <Choice
            value={facts.region}
            options={regions.map((o) => [o.region.id, o.region.name] as const)}
            onChange={(id) => {
              const of = regions.find((o) => o.region.id === id)?.region;
              if (of) setFacts({ ...facts, region: of.id, paper: of.paper });
            }}
          />
        </Row>
        {region && (
          <p className="pb-1 text-right text-ink-2 text-xs">
            {region.units === "METRIC" ? "millimetres" : "feet and inches"}; its stock, sizes, words and rules
          </p>
        )}
        <Row label="Sheets">
          <Choice
            value={facts.paper}
            options={[
              ["A2", "A2"],
              ["A1", "A1"],
              ["A3", "A3"],
              ["ARCH_D", "ARCH D"],
              ["ARCH_C", "ARCH C"],
              ["ARCH_B", "ARCH B"],
            ]}
            onChange={(paper) => setFacts({ ...facts, paper })}
          />
        </Row>
        <BeginsWith standard={standard} onChange={setStandard} />
        {fault && <Fault>{fault}</Fault>}
        <div className="mt-4 flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button main type="submit">
            Make project
          </Button>
        </div>
      </form>
    </Panel>
  );
}
