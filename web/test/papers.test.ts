import { describe, expect, it } from "vitest";
import type { Paper, Sheet } from "../src/api/types";
import { paperChosen, paperOf } from "../src/board/state/papers";
import { inSet, setsOf } from "../src/board/state/sheets";

const A2: Paper = {
  id: "A2",
  label: "A2",
  longMm: 594,
  shortMm: 420,
  across: { minX: 20, minY: 10, maxX: 584, maxY: 410 },
  upright: { minX: 20, minY: 10, maxX: 410, maxY: 584 },
};

const cut = (upright: boolean, ownLongMm: number, ownShortMm: number): Sheet["paper"] => ({
  size: "A2",
  upright,
  ownLongMm,
  ownShortMm,
});

describe("the paper of a sheet", () => {
  it("is of its size, across or upright", () => {
    expect(paperOf({ papers: [A2] }, cut(false, 0, 0))).toEqual({
      width: 594,
      height: 420,
      frame: A2.across,
    });
    expect(paperOf({ papers: [A2] }, cut(true, 0, 0))).toEqual({
      width: 420,
      height: 594,
      frame: A2.upright,
    });
    expect(paperOf({ papers: [] }, cut(true, 0, 0))).toBeUndefined();
  });

  it("may be cut to a size of its own, and keeps the margins", () => {
    expect(paperOf({ papers: [A2] }, cut(true, 1000, 500))).toEqual({
      width: 500,
      height: 1000,
      frame: { minX: 20, minY: 10, maxX: 490, maxY: 990 },
    });
    expect(paperChosen(cut(true, 1000, 500))).toBe("OWN");
    expect(paperChosen(cut(true, 0, 0))).toBe("A2");
  });
});

describe("sets of sheets", () => {
  it("are one whatever letters they are written in, and those without a name are one, too", () => {
    const sheets = ["", "Permit", "permit", "Client", ""].map((set, i) => ({ id: `${i}`, set }) as Sheet);
    expect(setsOf(sheets)).toEqual(["", "Permit", "Client"]);
    expect(inSet(sheets, "PERMIT").map((s) => s.id)).toEqual(["1", "2"]);
    expect(inSet(sheets, "").map((s) => s.id)).toEqual(["0", "4"]);
  });
});
