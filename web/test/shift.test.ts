import { describe, expect, it } from "vitest";
import type { Element, Group } from "../src/api/types";
import { shifted } from "../src/board/tools/parts/shift";
import { board } from "./board";

const CLEAR = { type: "whereClear" };
const room = (elsewhere: object, own: readonly object[]) =>
  ({ type: "room", id: "r", name: "Store", words: { elsewhere, own } }) as unknown as Element;

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

function labelled(elsewhere: object, own: readonly object[] = []) {
  const base = board();
  return board({
    elements: new Map([...base.elements, ["r", room(elsewhere, own)]]),
    groups: new Map([["r", drawn]]),
    selection: ["r"],
  });
}

describe("the label of a room that is moved", () => {
  it("goes on from where it is seen, not from the middle of its room", () => {
    expect(shifted(labelled(CLEAR), [300, -100])).toEqual({
      type: "move",
      elements: ["r"],
      by: [300, -100],
      labels: [{ room: "r", drawing: "d", seen: [1000, 500] }],
    });
  });

  it("keeps its words under the pointer where the mark of its walls stands elsewhere", () => {
    const words = { at: [6000, 6080], angle: 0, strong: false, runs: [], ink: "" };
    const mark = [
      { type: "strokes", role: "LEVEL", lines: [square(6000, 6000, 60), square(6000, 6000, 100)] },
      { type: "text", text: "1", ...words },
    ];
    const one = labelled(CLEAR);
    const state = {
      ...one,
      groups: new Map([["r", { ...drawn, items: [...drawn.items, ...mark] } as unknown as Group]]),
    };
    expect(shifted(state, [300, -100])).toMatchObject({ labels: [{ seen: [1000, 350] }] });
  });

  it("counts what stands over the mark of its walls as its words", () => {
    const words = { angle: 0, strong: false, runs: [], ink: "", heightMm: 1.8 };
    const run = { letters: "12 m2", right: 0, up: 0, height: 1.8 };
    const lines = [square(0, 0, 340), square(0, 0, 560)];
    const items = [
      { type: "strokes", role: "LEVEL", lines },
      { type: "text", text: "1,5", at: [-940, -90], ...words },
      { type: "text", text: "2", at: [-50, 630], ...words },
      { type: "text", text: "4", at: [-50, -810], ...words },
      { type: "text", text: "12 m2", at: [-300, 1030], ...words, runs: [run] },
    ];
    const one = labelled(CLEAR);
    const state = {
      ...one,
      groups: new Map([["r", { element: "r", items } as unknown as Group]]),
    };
    const middle = 1030 + (1.8 * 50) / 2 - 560 * 1.84;
    expect(shifted(state, [0, 0])).toMatchObject({
      labels: [{ seen: [expect.any(Number), expect.closeTo(middle, 0)] }],
    });
  });

  it("goes on so together with others and with notes, each from where it is seen", () => {
    const one = labelled(CLEAR);
    const words = { elsewhere: { type: "putAt", at: [5000, 0] }, own: [] };
    const other = { ...one.elements.get("r"), id: "s", words } as unknown as Element;
    const groups = new Map([...one.groups, ["s", { ...drawn, element: "s" } as Group]]);
    const both = {
      ...one,
      groups,
      elements: new Map([...one.elements, ["s", other]]),
      selection: ["r", "s", "n"],
    };
    expect(shifted(both, [300, -100])).toEqual({
      type: "move",
      elements: ["r", "s", "n"],
      by: [300, -100],
      labels: [
        { room: "r", drawing: "d", seen: [1000, 500] },
        { room: "s", drawing: "d", seen: [1000, 500] },
      ],
    });
  });
});
