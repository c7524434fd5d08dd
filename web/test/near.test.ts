import { describe, expect, it } from "vitest";
import type { Group } from "../src/api/types";
import { Nearby } from "../src/board/catch/near";

const wall: Group = {
  element: "wall",
  layer: "walls",
  items: [
    {
      type: "fill",
      over: false,
      tint: "#ffffff",
      ring: [
        [0, 0],
        [5000, 0],
        [5000, 300],
        [0, 300],
      ],
    },
  ],
  catches: [
    { words: "corner of W1", hold: { type: "atCorner", corner: "c" }, from: [0, 0], to: [0, 0] },
    { words: "W1 outer face", hold: { type: "onFace", wall: "wall", face: 0 }, from: [0, 0], to: [5000, 0] },
  ],
  ground: [],
  drawing: null,
};
const door: Group = {
  element: "door",
  layer: "openings",
  items: [
    {
      type: "fill",
      over: false,
      tint: "#ffffff",
      ring: [
        [1000, 0],
        [1900, 0],
        [1900, 300],
        [1000, 300],
      ],
    },
  ],
  catches: [],
  ground: [],
  drawing: null,
};

describe("what lies near", () => {
  const nearby = new Nearby([wall, door], 50);

  it("prefers a corner to the face that runs through it", () => {
    expect(nearby.catchesAt({ x: 60, y: 5 }, 100).map((c) => c.caught.words)).toEqual([
      "corner of W1",
      "W1 outer face",
    ]);
  });

  it("gives the point on the face", () => {
    expect(nearby.catchesAt({ x: 2500, y: 80 }, 100)[0]?.at).toEqual({ x: 2500, y: 0 });
  });

  it("catches nothing out of reach", () => {
    expect(nearby.catchesAt({ x: 2500, y: 180 }, 100)).toEqual([]);
  });

  it("lets dimensions hold to things of the drawing behind, and nothing else", () => {
    const above = { type: "onFace", wall: "above", face: 0 } as const;
    const behind = new Nearby([wall], 50, [
      {
        words: "W9 outer face, first floor plan",
        hold: { type: "atPoint", at: [0, 2000] },
        behind: above,
        from: [0, 2000],
        to: [5000, 2000],
      },
    ]);
    const p = { x: 2500, y: 2040 };
    expect(behind.catchesAt(p, 100)[0]?.caught.hold.type).toBe("atPoint");
    expect(behind.holdsAt(p, 100)[0]?.caught.hold).toEqual(above);
    expect(behind.holdsAt({ x: 2500, y: 0 }, 100)[0]?.caught.hold).toMatchObject({ wall: "wall" });
  });

  it("takes what stands in the drawing before what lies there behind it", () => {
    const below = { type: "onFace", wall: "below", face: 0 } as const;
    const words = "W7 outer face, plan below";
    const behind = new Nearby([wall], 50, [
      { words, hold: { type: "atPoint", at: [-50, 0] }, behind: below, from: [0, 3], to: [5000, 3] },
    ]);
    const found = behind.holdsAt({ x: 2500, y: 40 }, 100).map((c) => c.caught.hold);
    expect(found[0]).toMatchObject({ wall: "wall" });
    expect(found[1]).toEqual(below);
  });

  it("picks the door before the wall it is in", () => {
    expect(nearby.elementsAt({ x: 1500, y: 150 }, 10)).toEqual(["door", "wall"]);
    expect(nearby.elementsAt({ x: 4000, y: 150 }, 10)).toEqual(["wall"]);
    expect(nearby.elementsAt({ x: 4000, y: 900 }, 10)).toEqual([]);
  });

  it("picks anywhere on its ground what has some, and else by its lines", () => {
    const ring: [number, number][] = [
      [2000, 1000],
      [4400, 1000],
      [4400, 1600],
      [2000, 1600],
      [2000, 1000],
    ];
    const drawn = (element: string, ground: [number, number][][]): Group => ({
      element,
      layer: "fittings",
      items: [
        {
          type: "strokes",
          role: "FITTING",
          pen: { widthMm: 0.18, dash: "CONTINUOUS", ink: "" },
          lines: [ring],
        },
      ],
      catches: [],
      ground,
      drawing: null,
    });
    const at = { x: 3000, y: 1300 };
    expect(new Nearby([drawn("units", [ring])], 50).elementsAt(at, 20)).toEqual(["units"]);
    expect(new Nearby([drawn("room limit", [])], 50).elementsAt(at, 20)).toEqual([]);
  });
});
