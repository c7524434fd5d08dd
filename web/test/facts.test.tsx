// @vitest-environment jsdom
import { cleanup, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import type { Element, Offered, Pitch, Roof, RoofEdge, Room, SectionLine, Truss } from "../src/api/types";
import { Clauses } from "../src/board/clauses/Clauses";
import { EdgeFields } from "../src/board/things/RoofEdges";
import { RoofFacts } from "../src/board/things/RoofFacts";
import { RoomFacts } from "../src/board/things/RoomFacts";
import { SectionFacts } from "../src/board/things/SectionFacts";
import { TrussFacts } from "../src/board/things/TrussFacts";
import { boardStore } from "./board";
import { boardOf } from "./boardOf";

afterEach(cleanup);

const LINE: SectionLine = {
  type: "sectionLine",
  id: "s",
  layer: "l",
  mark: "A",
  from: [0, 0],
  to: [8000, 0],
  looking: "RIGHT",
  depthMm: 5000,
  steps: [],
};

const type = async (label: string, words: string) => {
  await userEvent.clear(screen.getByLabelText(label));
  await userEvent.type(screen.getByLabelText(label), `${words}{Enter}`);
};

describe("how long a section's line is", () => {
  it("is changed at its end, or at its beginning with its steps where they were", async () => {
    const steps = [{ alongMm: 3000, leftMm: -1200 }];
    const line: Element = { ...LINE, steps };
    const { on, revised } = boardOf({ elements: new Map([["s", line]]) });
    on(<SectionFacts line={line} />);
    await type("Length, from its beginning", "9000");
    await type("Length, from its end", "8500");
    expect(revised).toMatchObject([
      { from: [0, 0], to: [9000, 0], steps },
      { from: [-500, 0], to: [8000, 0], steps: [{ alongMm: 3500, leftMm: -1200 }] },
    ]);
  });
});

describe("a length of a section's line typed before the last one is stored", () => {
  it("is of the line as that leaves it", async () => {
    const { on, store, sync, revised } = boardOf({ elements: new Map([["s", LINE as Element]]) });
    const waiting: (() => void)[] = [];
    sync.revise = (element) =>
      new Promise((stored) => {
        revised.push(element);
        waiting.push(() => {
          store.setState({ elements: new Map([["s", element]]) });
          stored(true);
        });
      });
    on(<SectionFacts line={LINE} />);
    await type("Length, from its end", "8500");
    await type("Length, from its beginning", "9000");
    expect(revised).toHaveLength(1);
    waiting.shift()?.();
    await waitFor(() => expect(revised).toHaveLength(2));
    expect(revised[1]).toMatchObject({ from: [-500, 0], to: [8500, 0] });
  });
});

describe("where a section's line steps aside", () => {
  it("is said along the way it looks, whichever side that is", async () => {
    const { on, revised } = boardOf();
    on(<SectionFacts line={{ ...LINE, steps: [{ alongMm: 3000, leftMm: -1200 }] }} />);
    expect(screen.getByLabelText<HTMLInputElement>("Further the way it looks").value).toBe("1200");
    await type("Further the way it looks", "900");
    expect(revised).toMatchObject([{ type: "sectionLine", steps: [{ alongMm: 3000, leftMm: -900 }] }]);
  });

  it("begins in the middle of what is left, and comes back after that", async () => {
    const { on, revised } = boardOf();
    on(<SectionFacts line={LINE} />);
    await userEvent.click(screen.getByRole("button", { name: "Add a step" }));
    expect(revised).toMatchObject([{ steps: [{ alongMm: 4000, leftMm: -800 }] }]);
    cleanup();
    const again = boardOf();
    again.on(<SectionFacts line={{ ...LINE, steps: [{ alongMm: 4000, leftMm: -800 }] }} />);
    await userEvent.click(screen.getByRole("button", { name: "Add a step" }));
    expect(again.revised).toMatchObject([
      {
        steps: [
          { alongMm: 4000, leftMm: -800 },
          { alongMm: 6000, leftMm: 0 },
        ],
      },
    ]);
  });
});

const ROOM: Room = {
  type: "room",
  id: "r",
  storey: "g",
  layer: "l",
  seed: [0, 0],
  number: "1",
  name: "Hall",
  use: "HALL",
  finishes: { floor: "", walls: "", ceiling: "" },
  ceiling: { type: "fixed", mm: 2300 },
  above: { type: "whatStands" },
  words: { elsewhere: { type: "whereClear" }, own: [] },
};

describe("where the label of a room stands", () => {
  const there = { drawing: "other", at: [9, 9] as [number, number] };
  const words = { ...ROOM.words, own: [{ drawing: "d", at: [1, 2] as [number, number] }, there] };

  it("is said of the plan shown, and let go there alone", async () => {
    const { on, revised } = boardOf({});
    on(<RoomFacts room={{ ...ROOM, words }} />);
    screen.getByText("Its label is where you put it in this plan");
    await userEvent.click(screen.getByRole("button", { name: "Let go" }));
    expect(revised).toMatchObject([{ words: { elsewhere: { type: "whereClear" }, own: [there] } }]);
  });

  it("may be the same in all plans, and is let go in all", async () => {
    const { on, revised } = boardOf({});
    const shown = on(<RoomFacts room={{ ...ROOM, words }} />);
    await userEvent.click(screen.getByRole("button", { name: "So in all plans" }));
    const everywhere = { elsewhere: { type: "putAt", at: [1, 2] }, own: [] } as const;
    expect(revised).toMatchObject([{ words: everywhere }]);
    shown.unmount();
    on(<RoomFacts room={{ ...ROOM, words: { elsewhere: { type: "putAt", at: [1, 2] }, own: [] } }} />);
    screen.getByText("Its label is where you put it, in all plans");
    await userEvent.click(screen.getByRole("button", { name: "Let go" }));
    expect(revised.at(-1)).toMatchObject({ words: ROOM.words });
  });

  it("finds its place in a plan where another has it by hand", () => {
    const { on } = boardOf({});
    on(<RoomFacts room={{ ...ROOM, words: { ...ROOM.words, own: [there] } }} />);
    screen.getByText("Its label finds its place");
    expect(screen.queryByRole("button", { name: "Let go" })).toBeNull();
  });
});

const withCeiling = () =>
  new Map([
    ...boardStore().getState().elements,
    [
      "c",
      {
        type: "buildUp",
        id: "c",
        mark: "C1",
        name: "Boards",
        use: "CEILING",
        plies: [],
      } as unknown as Element,
    ],
  ]);

describe("what closes a room above", () => {
  it("is a ceiling of its own once one is chosen, of a build-up for ceilings", async () => {
    const { on, revised } = boardOf({ elements: withCeiling() });
    on(<RoomFacts room={ROOM} />);
    await userEvent.selectOptions(screen.getByLabelText("Closed above by"), "Its own, level");
    expect(revised).toMatchObject([{ type: "room", above: { type: "levelCeiling", buildUp: "c" } }]);
  });

  it("may be a vault whose ridge turns by quarters and comes round", async () => {
    const above = { type: "vaultedCeiling", buildUp: "c", pitch: { said: "DEGREES", value: 30 } } as const;
    const { on, revised } = boardOf({ elements: withCeiling() });
    on(<RoomFacts room={{ ...ROOM, above: { ...above, ridge: Math.PI / 2 } }} />);
    await userEvent.click(screen.getByRole("button", { name: "Turn its ridge by a quarter" }));
    expect(revised).toMatchObject([{ above: { ...above, ridge: 0 } }]);
  });

  it("may rise to one side, away from the foot of the page at first", async () => {
    const { on, revised } = boardOf({ elements: withCeiling() });
    on(<RoomFacts room={ROOM} />);
    await userEvent.selectOptions(screen.getByLabelText("Closed above by"), "Its own, one slope");
    expect(revised).toMatchObject([{ above: { type: "slopedCeiling", buildUp: "c", up: Math.PI / 2 } }]);
    cleanup();
    const again = boardOf({ elements: withCeiling() });
    const above = { type: "slopedCeiling", buildUp: "c", pitch: { said: "DEGREES", value: 5 } } as const;
    again.on(<RoomFacts room={{ ...ROOM, above: { ...above, up: 1.5 * Math.PI } }} />);
    await userEvent.click(screen.getByRole("button", { name: "Turn the way it rises by a quarter" }));
    expect(again.revised).toMatchObject([{ above: { ...above, up: 0 } }]);
  });
});

describe("downpipes of a roof", () => {
  const roof = {
    id: "roof",
    storey: "g",
    layer: "l",
    mark: "R1",
    buildUp: "b",
    trim: {
      fasciaMm: 175,
      soffit: "LEVEL",
      material: "boards",
      gutterMm: 112,
      gutterOf: "aluminium",
      flashingMm: 150,
      flashingOf: "lead",
    },
    plate: { type: "atWallHeads" },
    heel: { type: "seated", mm: 75 },
    usual: { rises: { type: "verge" }, overhangMm: 300, raisedMm: 0 },
    own: [],
    under: { type: "loft" },
    state: "NEW",
  } as unknown as Roof;
  const offered = {
    roofs: { downpipe: { widthMm: 68, depthMm: 70, source: "" } },
  } as unknown as Offered;

  it("are placed where they lack, as large as is usual, of what its gutters are of", async () => {
    const { on, edits } = boardOf({ offered });
    on(<RoofFacts roof={roof} />);
    await userEvent.click(screen.getByRole("button", { name: "Place those it lacks" }));
    expect(edits).toMatchObject([
      { type: "drainRoof", roof: "roof", widthMm: 68, depthMm: 70, material: "aluminium" },
    ]);
  });

  it("are not spoken of where there are no gutters", () => {
    boardOf({ offered }).on(<RoofFacts roof={{ ...roof, trim: { ...roof.trim, gutterMm: 0 } }} />);
    expect(screen.queryByRole("button", { name: "Place those it lacks" })).toBeNull();
  });
});

describe("an edge of a roof", () => {
  it("that becomes a hip with a gablet keeps its pitch and its overhang", async () => {
    const changed: RoofEdge[] = [];
    const pitch: Pitch = { said: "DEGREES", value: 40 };
    const edge: RoofEdge = { rises: { type: "eaves", pitch }, overhangMm: 450, raisedMm: 0 };
    const parapet = { buildUp: "b", upMm: 600, copingMm: 50, fall: pitch };
    boardOf().on(
      <EdgeFields
        edge={edge}
        pitch={{ said: "DEGREES", value: 35 }}
        vergeMm={50}
        eavesMm={450}
        parapet={parapet}
        onChange={(next) => changed.push(next)}
      />,
    );
    await userEvent.selectOptions(screen.getByLabelText("It is"), "Hip with a gablet");
    expect(changed).toMatchObject([{ rises: { type: "gablet", pitch }, overhangMm: 450 }]);
  });
});

describe("trusses of a gable", () => {
  it("are lowered without a change of their uprights", async () => {
    const truss = {
      type: "truss",
      id: "t",
      roof: "roof",
      form: { type: "gable", everyMm: 400, lowerMm: 0 },
      along: { type: "atEnds" },
      plies: 1,
    } as unknown as Truss;
    const { on, revised } = boardOf();
    on(<TrussFacts truss={truss} />);
    await type("Lowered for a ladder by", "97");
    expect(revised).toMatchObject([{ form: { type: "gable", everyMm: 400, lowerMm: 97 } }]);
  });
});

describe("keyed notes", () => {
  it("are counted anew on each sheet where that is chosen", async () => {
    const { on, revised } = boardOf();
    on(<Clauses onClose={() => {}} />);
    await userEvent.selectOptions(screen.getByLabelText("Numbers count"), "from 1 on each sheet");
    expect(revised).toMatchObject([{ type: "settings", clauses: "BY_SHEET" }]);
  });
});
