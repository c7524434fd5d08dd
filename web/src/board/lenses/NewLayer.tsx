import { type FormEvent, useState } from "react";
import { Button, fieldClass } from "../../ui/controls";
import { useBoardTools } from "../state/context";
import { addingLayer } from "../state/revisions";

/** Makes a layer of the project's own. */
export function NewLayer() {
  const { sync } = useBoardTools();
  const [name, setName] = useState("");
  const [group, setGroup] = useState("");
  const add = async (e: FormEvent) => {
    e.preventDefault();
    if (await sync.edit(addingLayer(name, group))) setName("");
  };
  return (
    <form className="mt-2 flex items-center gap-2" onSubmit={add}>
      <input
        aria-label="Name of a new layer"
        placeholder="Name of a new layer"
        className={`${fieldClass} w-52`}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <input
        aria-label="Its group"
        placeholder="Its group"
        className={`${fieldClass} w-32`}
        value={group}
        onChange={(e) => setGroup(e.target.value)}
      />
      <Button type="submit" disabled={!name.trim()}>
        Add layer
      </Button>
    </form>
  );
}
