import { describe, expect, it } from "vitest";
import type { Edit, Element } from "../src/api/types";
import { overtaken } from "../src/board/link/overtaken";

interface Part {
  readonly type: string;
  readonly at: number;
  readonly words: string;
}

const part = (words: string, at = 0): Part => ({ type: "words", at, words });
const block = (parts: readonly Part[]) => ({ type: "titleBlock", id: "block", parts }) as unknown as Element;
const on = (element: Element) => new Map([[element.id, element]]);

/** What is sent of a change that was meant on the first row, after the second had been accepted. */
function sent(then: readonly Part[], changed: readonly Part[], now: readonly Part[]): unknown {
  const meant = { type: "revise", element: block(changed) } as unknown as Edit;
  const late = overtaken(meant, on(block(then)), on(block(now))) as unknown as { element: { parts: Part[] } };
  return late.element.parts;
}

describe("a row of parts changed while an earlier change of it is under way", () => {
  const [a, b, c] = [part("a"), part("b"), part("c")];

  it("keeps facts of two parts", () => {
    expect(sent([a, b, c], [a, b, part("c2")], [part("a2"), b, c])).toEqual([part("a2"), b, part("c2")]);
    expect(sent([a, b, c], [part("a2"), b, c], [a, b, part("c2")])).toEqual([part("a2"), b, part("c2")]);
  });

  it("keeps two facts of one part", () => {
    expect(sent([a, b], [part("a2"), b], [part("a", 5), b])).toEqual([part("a2", 5), b]);
  });

  it("keeps what was added or taken out before a part that changes", () => {
    const more = part("more");
    expect(sent([a, b, c], [a, b, part("c2")], [more, a, b, c])).toEqual([more, a, b, part("c2")]);
    expect(sent([a, b, c], [a, b, part("c2")], [b, c])).toEqual([b, part("c2")]);
    expect(sent([a, b, c], [a, b, c, more], [part("a2"), b, c])).toEqual([part("a2"), b, c, more]);
    expect(sent([a, b], [a, b, part("mine")], [a, b, more])).toEqual([a, b, part("mine"), more]);
    expect(sent([a, b, c], [b, c], [a, b, part("c2")])).toEqual([b, part("c2")]);
  });

  it("gives no part the facts of another", () => {
    expect(sent([a, b, c], [b, a, c], [a, b, part("c2")])).toEqual([b, a, part("c2")]);
    expect(sent([a, b, c], [b, a, c], [part("a2"), b, c])).toEqual([b, a, c]);
    expect(sent([a, b, c], [part("a2"), b, c], [b, a, c])).toEqual([part("a2"), b, c]);
  });

  it("takes outlines as they were meant", () => {
    const ring = (...points: number[][]) =>
      ({ type: "floor", id: "block", parts: points }) as unknown as Element;
    const meant = { type: "revise", element: ring([0, 0], [9, 0], [5, 5]) } as unknown as Edit;
    const then = on(ring([0, 0], [4, 0], [5, 5])),
      now = on(ring([1, 1], [4, 0], [5, 5]));
    expect(overtaken(meant, then, now)).toEqual(meant);
  });
});
