import { describe, expect, it } from "vitest";
import type { Element } from "../src/api/types";
import { mark } from "../src/board/tools/mark";
import { board } from "./board";

const tool = { name: "mark", thing: "f" } as const;

/** A plan through a lens that marks some things, with a fitting and a window. */
function seen(...marks: string[]) {
  const base = board();
  const plan = base.elements.get("d");
  const lens = { type: "lens", id: "l", marks };
  const fitting = { type: "fitting", id: "f" };
  const window = { type: "opening", id: "o", kind: { type: "window" } };
  const all = [{ ...plan, lens: "l" }, lens, fitting, window] as unknown as Element[];
  return board({
    elements: new Map([...base.elements, ...all.map((e) => [e.id, e] as const)]),
    pointer: { x: 100, y: 200 },
  });
}

describe("putting a mark", () => {
  it("is done in the plan shown", () => {
    expect(mark.edit(seen("FITTINGS"), tool)).toEqual({
      type: "putMark",
      thing: "f",
      drawing: "d",
      at: [100, 200],
    });
    expect(mark.edit(seen("WINDOWS"), { name: "mark", thing: "o" })).toMatchObject({ thing: "o" });
  });

  it("says so where the plan shows no such mark, and does nothing that would not be seen", () => {
    const state = seen("DOORS");
    expect(mark.edit(state, tool)).toBeNull();
    expect(mark.edit(state, { name: "mark", thing: "o" })).toBeNull();
    expect(mark.prompt(state, tool)[1]).toContain("shows no marks");
  });

  it("is offered by a right click on what has one", () => {
    expect(mark.startsOn?.({ type: "fitting", id: "f" } as unknown as Element)).toEqual(tool);
    expect(mark.startsOn?.({ type: "wall", id: "w" } as unknown as Element)).toBeNull();
  });
});
