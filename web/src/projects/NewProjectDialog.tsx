import { type FormEvent, useState } from "react";
import { answerOf, api, sentenceOf } from "../api/client";
import type { NewProject } from "../api/types";
import { Button, Choice, Fault, fieldClass, Panel, Row } from "../ui/controls";
import { goTo } from "../ui/route";

const empty: NewProject = {
  name: "",
  address: "",
  client: "",
  drawnBy: "",
  units: "METRIC",
  paper: "A2",
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

  const make = async (e: FormEvent) => {
    e.preventDefault();
    try {
      const made = await answerOf(api.POST("/api/v1/projects", { body: facts }));
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
        <Row label="Units">
          <Choice
            value={facts.units}
            options={[
              ["METRIC", "Metric"],
              ["FEET_INCHES", "Feet and inches"],
            ]}
            onChange={(units) => setFacts({ ...facts, units, paper: units === "METRIC" ? "A2" : "ARCH_D" })}
          />
        </Row>
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
