// @vitest-environment jsdom
import { cleanup, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import type { Drawing, Truss } from "../src/api/types";
import { DrawingFacts } from "../src/board/panels/DrawingFacts";
import { Register } from "../src/board/panels/Register";
import { ThisDrawing } from "../src/board/register/ThisDrawing";
import { TrussFacts } from "../src/board/things/TrussFacts";
import { board } from "./board";
import { boardOf } from "./boardOf";

afterEach(cleanup);

const PLAN = board().elements.get("d") as Drawing;

describe("words that stand on sheets", () => {
  const written = {
    type: "written" as const,
    text: "1. Do not scale",
    style: "letters",
    widthMm: 150,
    columns: 1,
  };
  const notes: Drawing = { ...PLAN, id: "t", name: "General notes", kind: "TEXT", subject: written };

  it("are added empty, at once another beside them", async () => {
    const { on, edits } = boardOf();
    on(<Register />);
    await userEvent.click(screen.getByRole("button", { name: "Add words" }));
    expect(edits).toMatchObject([
      { type: "addDrawing", kind: "TEXT", name: "General notes", subject: { type: "written", text: "" } },
    ]);
  });

  it("are written in their panel, which speaks of no scale and no lens", async () => {
    const { on, revised } = boardOf();
    on(<DrawingFacts drawing={notes} />);
    const words = screen.getByLabelText("Text");
    await userEvent.clear(words);
    await userEvent.type(words, "1. Check on site");
    await userEvent.tab();
    expect(revised).toMatchObject([{ type: "drawing", subject: { ...written, text: "1. Check on site" } }]);
    expect(screen.queryByText("Lens")).toBeNull();
    expect(screen.queryByText("Scale")).toBeNull();
  });

  it("stand in columns where their lines break, in one where they run on", async () => {
    const { on, revised } = boardOf();
    const shown = on(<DrawingFacts drawing={notes} />);
    await userEvent.clear(screen.getByLabelText("Columns"));
    await userEvent.type(screen.getByLabelText("Columns"), "2{Enter}");
    expect(revised).toMatchObject([{ subject: { ...written, columns: 2 } }]);
    shown.unmount();
    on(<DrawingFacts drawing={{ ...notes, subject: { ...written, columns: 2 } }} />);
    await userEvent.clear(screen.getByLabelText("Lines break at, mm on paper"));
    await userEvent.tab();
    expect(revised.at(-1)).toMatchObject({ subject: { widthMm: 0, columns: 1 } });
  });
});

describe("a legend", () => {
  const legend: Drawing = { ...PLAN, id: "k", name: "Legend", kind: "LEGEND", subject: { type: "whole" } };

  it("is of all drawings or of those on its sheet", async () => {
    const { on, revised } = boardOf();
    on(<DrawingFacts drawing={legend} />);
    await userEvent.selectOptions(screen.getByLabelText("Of"), "Those on its sheet");
    expect(revised).toMatchObject([{ id: "k", subject: { type: "onItsSheet" } }]);
  });

  it("goes back to all", async () => {
    const { on, revised } = boardOf();
    on(<DrawingFacts drawing={{ ...legend, subject: { type: "onItsSheet" } }} />);
    await userEvent.selectOptions(screen.getByLabelText("Of"), "All drawings");
    expect(revised).toMatchObject([{ id: "k", subject: { type: "whole" } }]);
  });
});

describe("a drawing that stands on no sheet", () => {
  it("is left out on purpose by a tick, and taken in again", async () => {
    const { on, revised } = boardOf();
    on(<ThisDrawing drawing={PLAN} />);
    await userEvent.click(screen.getByLabelText("Left out of the set on purpose"));
    expect(revised).toMatchObject([{ id: "d", leftOut: true }]);
  });
});

describe("trusses", () => {
  const truss: Truss = {
    type: "truss",
    id: "t",
    roof: "r",
    layer: "l",
    mark: "T1",
    form: { type: "level", webs: "FINK" },
    topMm: 97,
    bottomMm: 97,
    webMm: 72,
    thickMm: 35,
    plies: 1,
    spacingMm: 600,
    along: { type: "allAlong" },
    state: "NEW",
  };
  const sum = { truss: "t", cannot: "", figures: [], spanMm: 8000, riseMm: 3000 };

  it("begin round a room that fits under their roof", async () => {
    const { on, revised } = boardOf({ trussSum: sum });
    on(<TrussFacts truss={truss} />);
    await userEvent.selectOptions(screen.getByLabelText("Shape"), "Attic, round a room");
    expect(revised).toMatchObject([{ form: { type: "attic", roomMm: 2400, headMm: 1500 } }]);
  });

  it("are a girder where two stand side by side, at a place of its own", async () => {
    const { on, revised } = boardOf({ trussSum: sum });
    on(<TrussFacts truss={truss} />);
    await userEvent.clear(screen.getByLabelText("Side by side as one"));
    await userEvent.type(screen.getByLabelText("Side by side as one"), "2{Enter}");
    await userEvent.selectOptions(screen.getByLabelText("Stand"), "A single one");
    expect(revised).toMatchObject([{ plies: 2 }, { along: { type: "oneAt", mm: 1000 } }]);
  });
});
