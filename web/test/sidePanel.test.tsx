// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { SidePanel } from "../src/board/panels/SidePanel";
import type { BoardState } from "../src/board/state/state";
import { WALL } from "./board";
import { boardOf } from "./boardOf";

afterEach(cleanup);

/** The panel scrolled down; tells how often it came back to its top. */
function scrolled(panel: BoardState["panel"]) {
  const top = vi.fn();
  const { on, store } = boardOf({ panel, selection: [WALL] });
  on(<SidePanel />);
  const pages = screen.getAllByRole("tabpanel")[0]?.parentElement as HTMLElement;
  pages.scrollTo = top;
  pages.scrollTop = 400;
  fireEvent.scroll(pages);
  return { store, top };
}

describe("the panel at the side", () => {
  it("stays where it is scrolled to when what it is about is sent anew", () => {
    const { store, top } = scrolled("facts");
    act(() => store.setState({ selection: [WALL] }));
    expect(top).not.toHaveBeenCalled();
    act(() => store.setState({ selection: [] }));
    expect(top).toHaveBeenCalledTimes(1);
  });

  it("keeps the register where it is while drawings and sheets are opened from it", () => {
    const { store, top } = scrolled("register");
    act(() => store.setState({ shown: { kind: "sheet", id: "s" }, selection: [] }));
    expect(top).not.toHaveBeenCalled();
    act(() => store.setState({ panel: "findings" }));
    expect(top).toHaveBeenCalledTimes(1);
  });
});
