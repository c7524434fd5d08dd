import { describe, expect, it } from "vitest";
import type { Element, Finding } from "../src/api/types";
import { mendOf } from "../src/board/panels/mending";
import { boardStore, layerCalled, WALL } from "./board";

const CORNER = { type: "atCorner", corner: "c0" };
const { making } = boardStore().getState();
const LOST = { type: "lost", at: [1000, 0] };

function found(kind: Finding["kind"], concern: string): Finding {
  return {
    kind,
    sentence: "",
    remedy: "Move it.",
    concerns: [concern],
    storey: null,
    at: [0, 0],
    source: "",
  } as never;
}

function stringOf(...holds: unknown[]) {
  const string = { type: "dimensionString", id: "s", drawing: "d", holds } as unknown as Element;
  const elements = new Map<string, Element>(boardStore().getState().elements).set("s", string);
  return mendOf({ elements, making }, found("STRING", "s"))?.edit;
}

describe("a finding is mended with a click", () => {
  it("where points of a string are lost: they are taken out, or what is left of it goes", () => {
    expect(stringOf(CORNER, LOST, { ...CORNER, corner: "c1" })).toMatchObject({
      type: "revise",
      element: { holds: [CORNER, { ...CORNER, corner: "c1" }] },
    });
    expect(stringOf(CORNER, LOST)).toEqual({ type: "delete", elements: ["s"] });
    expect(stringOf(CORNER, { ...CORNER, corner: "c1" }), "a person has to decide").toBeUndefined();
  });

  it("where a thing is on an unlikely layer: it goes to the one for its kind", () => {
    const elements = new Map<string, Element>(boardStore().getState().elements);
    for (const layer of [layerCalled("walls", ["wall"]), layerCalled("notes", ["note"])])
      elements.set(layer.id, layer);
    expect(mendOf({ elements, making }, found("LAYER", WALL))).toMatchObject({
      words: "Move it",
      edit: expect.objectContaining({ elements: [WALL], layer: "walls" }),
    });
    expect(mendOf({ elements, making }, found("CLASH", WALL))).toBeNull();
  });

  it("where a plan does not say where things lie: it is dimensioned", () => {
    const elements = boardStore().getState().elements;
    expect(mendOf({ elements, making }, found("SET_OUT", "d"))).toMatchObject({
      words: "Dimension what is missing",
      edit: expect.objectContaining({ type: "dimensionPlan", drawing: "d", inside: true, rooms: [] }),
    });
    expect(mendOf({ elements, making }, found("SET_OUT", "s"))).toBeNull();
  });
});
