import { describe, expect, it } from "vitest";
import type { Element, Group } from "../src/api/types";
import { shifted } from "../src/board/tools/parts/shift";
import { board } from "./board";

const room = (label: object) => ({ type: "room", id: "r", name: "Store", label }) as unknown as Element;

/** A box of 400 by 200 round 1000, 500, with a leader far off to the room and its dot. */
const drawn = {
  element: "r",
  items: [
    {
      type: "strokes",
      role: "ROOM",
      lines: [
        [
          [800, 400],
          [1200, 400],
          [1200, 600],
          [800, 600],
          [800, 400],
        ],
        [
          [1200, 500],
          [3000, 500],
          [4000, 2500],
        ],
      ],
    },
    { type: "arc", role: "ROOM", centre: [4000, 2500], radius: 30, from: 0, sweep: 6.28 },
  ],
} as unknown as Group;

const square = (x: number, y: number, half: number) =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
    [-1, -1],
  ].map(([i = 0, j = 0]) => [x + i * half, y + j * half]);

function labelled(label: object) {
  const base = board();
  return board({
    elements: new Map([...base.elements, ["r", room(label)]]),
    groups: new Map([["r", drawn]]),
    selection: ["r"],
  });
}

describe("the label of a room that is moved", () => {
  it("goes on from where it is seen, not from the middle of its room", () => {
    expect(shifted(labelled({ type: "whereClear" }), [300, -100])).toMatchObject({
      type: "revise",
      element: { id: "r", label: { type: "putAt", at: [1300, 400] } },
    });
  });

  it("keeps its words under the pointer where the mark of its walls stands elsewhere", () => {
    const words = { at: [6000, 6080], angle: 0, strong: false, runs: [], ink: "" };
    const mark = [
      { type: "strokes", role: "LEVEL", lines: [square(6000, 6000, 60), square(6000, 6000, 100)] },
      { type: "text", text: "1", ...words },
    ];
    const one = labelled({ type: "whereClear" });
    const state = {
      ...one,
      groups: new Map([["r", { ...drawn, items: [...drawn.items, ...mark] } as unknown as Group]]),
    };
    expect(shifted(state, [300, -100])).toMatchObject({ element: { label: { at: [1300, 300] } } });
  });

  it("goes on from where it was put", () => {
    const edit = shifted(labelled({ type: "putAt", at: [0, 0] }), [300, -100]);
    expect(edit).toEqual({ type: "move", elements: ["r"], by: [300, -100] });
  });

  it("goes on so together with others, each from where it is", () => {
    const one = labelled({ type: "whereClear" });
    const other = {
      ...one.elements.get("r"),
      id: "s",
      label: { type: "putAt", at: [5000, 0] },
    } as unknown as Element;
    const both = { ...one, elements: new Map([...one.elements, ["s", other]]), selection: ["r", "s"] };
    expect(shifted(both, [300, -100])).toMatchObject({
      type: "reviseAll",
      elements: [
        { id: "r", label: { at: [1300, 400] } },
        { id: "s", label: { at: [5300, -100] } },
      ],
    });
  });

  it("moves with other things as these do", () => {
    const one = labelled({ type: "whereClear" });
    const edit = shifted({ ...one, selection: ["r", "n"] }, [300, -100]);
    expect(edit).toEqual({ type: "move", elements: ["r", "n"], by: [300, -100] });
  });
});
