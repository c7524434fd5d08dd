// @vitest-environment jsdom
import { cleanup, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it, vi } from "vitest";
import { useKeys } from "../src/board/hands/keys";
import { useBoardTools } from "../src/board/state/context";
import { boardOf } from "./boardOf";

afterEach(cleanup);

const taken = vi.fn();

function Fields() {
  useKeys();
  Object.assign(useBoardTools().sync, { undo: taken });
  return (
    <>
      <input type="checkbox" aria-label="A mark" />
      <select aria-label="A choice" />
      <input aria-label="A text" />
    </>
  );
}

it("takes the last edit back from a mark or a choice that was just made, and leaves a text its own", async () => {
  boardOf({ undo: "change title block" as never }).on(<Fields />);
  for (const [field, times] of [
    ["A mark", 1],
    ["A choice", 2],
    ["A text", 2],
  ] as const) {
    screen.getByLabelText(field).focus();
    await userEvent.keyboard("{Control>}z{/Control}");
    expect(taken).toHaveBeenCalledTimes(times);
  }
});
