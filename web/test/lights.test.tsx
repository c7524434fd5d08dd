// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import type { Light, Lights, Opening, Element as Thing } from "../src/api/types";
import { LightsFields } from "../src/board/lights/LightsFields";
import { OpeningFacts } from "../src/board/things/OpeningFacts";
import { boardOf } from "./boardOf";

afterEach(cleanup);

const light = (opens: Light["opens"], side: Light["side"] = "LEFT", part = 1): Light => ({
  opens,
  side,
  part,
});
const PAIR: Lights = {
  row: [light("SIDE_HUNG"), light("SIDE_HUNG", "RIGHT")],
  over: { type: "nothingOver" },
  inwards: false,
};

let now: Lights;

function Held() {
  const [lights, set] = useState(PAIR);
  now = lights;
  return <LightsFields lights={lights} widthMm={1500} heightMm={1200} onChange={(change) => set(change)} />;
}

const choose = (label: string, option: string) =>
  userEvent.selectOptions(screen.getByLabelText(label), screen.getByRole("option", { name: option }));

describe("the lights of a window", () => {
  beforeEach(() => {
    boardOf().on(<Held />);
  });

  it("are changed one by one, the one that is picked in the picture or in the list", async () => {
    await choose("Facts of", "Light 2 of 2, from the left");
    await choose("Opens", "Not at all");
    expect(now.row).toEqual([light("SIDE_HUNG"), light("FIXED", "RIGHT")]);
    const picture = screen.getByLabelText("The window from outside");
    fireEvent.click(picture.querySelector("g") as Element);
    await choose("Hangs", "Right, from outside");
    expect(now.row[0]).toEqual(light("SIDE_HUNG", "RIGHT"));
  });

  it("are kept when there are to be more or fewer", async () => {
    await userEvent.selectOptions(screen.getByLabelText("Lights"), "3");
    expect(now.row).toEqual([...PAIR.row, light("SIDE_HUNG", "RIGHT")]);
    await choose("Facts of", "Light 3 of 3, from the left");
    await userEvent.selectOptions(screen.getByLabelText("Lights"), "1");
    expect(now.row).toEqual([light("SIDE_HUNG")]);
    expect(screen.queryByLabelText("Facts of")).toBeNull();
  });

  it("stand over each other beyond a transom", async () => {
    await userEvent.selectOptions(screen.getByLabelText("Toplights"), "1");
    await choose("Facts of", "Toplight");
    await choose("Opens", "Top hung");
    expect(now.over).toEqual({ type: "toplights", row: [light("TOP_HUNG")], heightMm: 400 });
    await userEvent.click(screen.getByText("All open like this"));
    expect(now.row.map((l) => l.opens)).toEqual(["TOP_HUNG", "TOP_HUNG"]);
    await userEvent.selectOptions(screen.getByLabelText("Toplights"), "0");
    expect(now.over).toEqual({ type: "nothingOver" });
  });

  it("take parts of the width that are typed", async () => {
    const part = screen.getByLabelText("Its part of the width");
    await userEvent.clear(part);
    await userEvent.type(part, "1.5{Enter}");
    expect(now.row.map((l) => l.part)).toEqual([1.5, 1]);
  });
});

describe("what is changed before the last change is stored", () => {
  it("is made of what that leaves", async () => {
    const window = {
      type: "opening",
      id: "o",
      mark: "W1",
      typeMark: "",
      widthMm: 1500,
      heightMm: 1200,
      sillMm: 900,
      work: "AS_WALL",
      kind: { type: "window", lights: PAIR, setbackMm: 100, form: { type: "flat" } },
      make: { fixWidthMm: 10, fixHeightMm: 10, frameMm: 50, barsUp: 0, barsAcross: 0 },
    } as unknown as Opening & { type: "opening" };
    const { on, store, sync } = boardOf({ elements: new Map([["o", window as Thing]]) });
    const waiting: (() => void)[] = [];
    sync.revise = (element) =>
      new Promise((stored) => {
        waiting.push(() => {
          store.setState({ elements: new Map([["o", element]]) });
          stored(true);
        });
      });
    on(<OpeningFacts opening={window} />);
    await choose("Facts of", "Light 2 of 2, from the left");
    await choose("Hangs", "Left, from outside");
    await userEvent.selectOptions(screen.getByLabelText("Lights"), "3");
    expect(waiting).toHaveLength(1);
    waiting[0]?.();
    await waitFor(() => expect(waiting).toHaveLength(2));
    waiting[1]?.();
    const now = store.getState().elements.get("o") as Opening;
    expect(now.kind.type === "window" && now.kind.lights.row).toEqual([
      light("SIDE_HUNG"),
      light("SIDE_HUNG"),
      light("SIDE_HUNG"),
    ]);
  });
});
