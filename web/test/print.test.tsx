// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Element } from "../src/api/types";
import { Actions } from "../src/board/hands/actions";
import type { Sync } from "../src/board/link/sync";
import { PrintDialog } from "../src/board/page/PrintDialog";
import { BoardContext } from "../src/board/state/context";
import { boardStore } from "./board";

globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

afterEach(cleanup);

function dialog(version: string | null = null) {
  const sheet = { type: "sheet", id: "s", number: "A-101", title: "Plans", set: "Permit" } as Element;
  const other = { type: "sheet", id: "o", number: "A-9", title: "Notes", set: "permit" } as Element;
  const client = { type: "sheet", id: "c", number: "A-2", title: "Client's", set: "" } as Element;
  const store = boardStore({
    elements: new Map([
      ...boardStore().getState().elements,
      ...[sheet, other, client].map((e) => [e.id, e] as const),
    ]),
    shown: { kind: "sheet", id: sheet.id },
    ...(version ? { version: { id: version, name: "Version" } as never } : {}),
  });
  const sync = {} as Sync;
  render(
    <BoardContext.Provider value={{ store, sync, actions: new Actions(store, sync) }}>
      <PrintDialog onClose={vi.fn()} />
    </BoardContext.Provider>,
  );
  return () => new URL(screen.getByRole<HTMLAnchorElement>("link", { name: "Open PDF" }).href);
}

describe("a sheet that is printed", () => {
  it("comes at its own size where nothing else is asked for", () => {
    const link = dialog();
    expect(link().pathname).toMatch(/\/sheets\/s\/sheet\.pdf$/);
    expect(link().searchParams.has("paper")).toBe(false);
    expect(screen.queryByLabelText("Onto it")).toBeNull();
  });

  it("comes reduced or in parts on smaller paper, and says what to expect of each", async () => {
    const link = dialog();
    await userEvent.selectOptions(screen.getByLabelText("Paper"), "A4");
    expect(Object.fromEntries(link().searchParams)).toEqual({ paper: "A4", onto: "REDUCED" });
    expect(screen.getByText(/true scales are said at the foot/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText("Onto it"), "PARTS");
    expect(Object.fromEntries(link().searchParams)).toEqual({ paper: "A4", onto: "PARTS" });
    expect(screen.getByText(/overlap by 10 mm/)).toBeTruthy();
  });

  it("is of the version that is looked at, on any paper", async () => {
    const link = dialog("v1");
    await userEvent.selectOptions(screen.getByLabelText("Paper"), "LETTER");
    expect(link().searchParams.get("version")).toBe("v1");
    const all = screen.getByRole<HTMLAnchorElement>("link", { name: "Open all sheets so as one PDF" });
    expect(new URL(all.href).pathname).toMatch(/\/set\.pdf$/);
    expect(Object.fromEntries(new URL(all.href).searchParams)).toEqual({
      version: "v1",
      paper: "LETTER",
      onto: "REDUCED",
    });
    expect(screen.queryByRole("button", { name: "Send sheets to the plotter" })).toBeNull();
  });

  it("comes with the set it is bound in, by number, and without the others", async () => {
    dialog();
    await userEvent.selectOptions(screen.getByLabelText("Paper"), "A3");
    const set = screen.getByRole<HTMLAnchorElement>("link", { name: "Open the set Permit so as one PDF" });
    expect(new URL(set.href).searchParams.getAll("sheet")).toEqual(["o", "s"]);
    expect(new URL(set.href).searchParams.get("paper")).toBe("A3");
  });
});
