// @vitest-environment jsdom

import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it, vi } from "vitest";
import { api } from "../src/api/client";
import type { Edit } from "../src/api/types";
import { Actions } from "../src/board/hands/actions";
import { DrawClouds } from "../src/board/issues/DrawClouds";
import type { Sync } from "../src/board/link/sync";
import { type Board, BoardContext } from "../src/board/state/context";
import { boardStore } from "./board";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function shown(answers: () => Promise<unknown>) {
  vi.spyOn(api, "GET").mockImplementation(answers as never);
  const edits: Edit[] = [];
  const store = boardStore();
  const sync = { edit: (edit: Edit) => Promise.resolve(edits.push(edit) > 0) } as unknown as Sync;
  const board: Board = { store, sync, actions: new Actions(store, sync) };
  render(
    <BoardContext.Provider value={board}>
      <DrawClouds before="first" issue="2" />
    </BoardContext.Provider>,
  );
  return edits;
}

const answer = (data: unknown) => () => Promise.resolve({ data, response: new Response() });
const draw = () =>
  userEvent.click(screen.getByRole("button", { name: "Draw clouds round what is different" }));

it("draws all clouds that are proposed, at once, for the issue that is typed", async () => {
  const ring = [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ];
  const edits = shown(
    answer([
      { drawing: "plan", ring },
      { drawing: "south", ring },
    ]),
  );
  await userEvent.clear(screen.getByLabelText("for issue"));
  await userEvent.type(screen.getByLabelText("for issue"), "B");
  await draw();
  expect(edits).toMatchObject([
    {
      type: "drawClouds",
      clouds: [
        { type: "drawCloud", drawing: "plan", ring, issue: "B" },
        { type: "drawCloud", drawing: "south", ring, issue: "B" },
      ],
    },
  ]);
  expect(screen.getByText("2 clouds were drawn.")).toBeTruthy();
});

it("draws them once, however often it is clicked while they are worked out", async () => {
  let answered: (value: unknown) => void = () => {};
  const edits = shown(
    () =>
      new Promise((go) => {
        answered = go;
      }),
  );
  await draw();
  await draw();
  answered({ data: [{ drawing: "plan", ring: [] }], response: new Response() });
  expect(await screen.findByText("A cloud was drawn.")).toBeTruthy();
  expect(edits).toHaveLength(1);
});

it("says where there is none to draw, and what went wrong", async () => {
  const edits = shown(answer([]));
  await draw();
  expect(screen.getByText("No drawing shows anything else.")).toBeTruthy();
  expect(edits).toEqual([]);
  cleanup();
  shown(() => Promise.reject(new TypeError("no network")));
  await draw();
  expect(screen.getByRole("status").textContent).not.toBe("");
});
