import type { Element, ElementOf, OpeningKind } from "../../api/types";
import { type Elements, elementOf } from "../state/state";
import { BoundaryFacts } from "./BoundaryFacts";
import { CloudFacts } from "./CloudFacts";
import { FittingFacts } from "./FittingFacts";
import { FloorFacts } from "./FloorFacts";
import { FootingFacts } from "./FootingFacts";
import { GridFacts } from "./GridFacts";
import { KeyMarkFacts } from "./KeyMarkFacts";
import { LineFacts } from "./LineFacts";
import { NoteFacts } from "./NoteFacts";
import { OpenDrawing } from "./OpenDrawing";
import { OpenElevation } from "./OpenElevation";
import { OpeningFacts } from "./OpeningFacts";
import { PieceFacts, PostFacts } from "./PieceFacts";
import { RoofFacts } from "./RoofFacts";
import { RoofPartFacts } from "./RoofPartFacts";
import { RoomFacts } from "./RoomFacts";
import { nounOfPart } from "./roofPartMake";
import { SectionFacts } from "./SectionFacts";
import { SelectedWall, WallLength } from "./SelectedWall";
import { SpotFacts } from "./SpotFacts";
import { StairFacts } from "./StairFacts";
import { StepsFacts, StepsOf } from "./StepsFacts";
import { StringFacts } from "./StringFacts";
import type { ThingOf } from "./ThingOf";
import { ThroughLens } from "./ThroughLens";
import { TrussFacts } from "./TrussFacts";

type Things = { readonly [T in Element["type"]]?: ThingOf<ElementOf<T>> };

const OPENINGS: Partial<Record<OpeningKind["type"], string>> = { window: "Window", openWay: "Open way" };
const SIGNS = {
  NORTH: "North arrow",
  LEVEL: "Level mark",
  SCALE: "Scale bar",
  ELEVATION: "Mark of an elevation",
} as const;
const DIMENSIONS = {
  angle: "Angle",
  radius: "Radius",
  arcLength: "Length of an arc",
  slope: "Slope",
  surface: "Area",
} as const;
const PIECES = { lined: "Lining", solid: "Pier", built: "Pier", boxed: "Boxing", niche: "Niche" } as const;

/** The kinds of things that stand in drawings. A new kind is a line here and its facts. */
const THINGS: Things = {
  wall: {
    title: (w) => `Wall ${w.mark}`,
    words: (w) => <WallLength wall={w} />,
    Facts: ({ thing }) => <SelectedWall wall={thing} />,
    many: true,
    goes: true,
  },
  opening: {
    title: (o) => `${OPENINGS[o.kind.type] ?? "Door"} ${o.mark}`,
    words: "selected",
    Facts: ({ thing }) => (
      <>
        <OpeningFacts opening={thing} />
        <StepsOf door={thing} />
      </>
    ),
    many: true,
    goes: true,
  },
  wallPiece: {
    title: (p) => `${PIECES[p.make.type]} ${p.mark}`,
    words: "selected",
    Facts: ({ thing }) => <PieceFacts piece={thing} />,
    many: true,
    goes: true,
  },
  post: {
    title: (p) => `Post ${p.mark}`,
    words: "selected",
    Facts: ({ thing }) => <PostFacts post={thing} />,
    many: true,
    goes: true,
  },
  room: {
    title: (r) => [r.number, r.name].filter(Boolean).join(" "),
    words: "room, selected",
    Facts: ({ thing }) => <RoomFacts room={thing} />,
    goes: true,
  },
  roomLimit: {
    title: () => "Room limit",
    words: "parts rooms without a wall",
    Facts: () => null,
    many: true,
    goes: true,
  },
  constructionLine: {
    title: () => "Construction line",
    words: "to draw by; it never prints",
    Facts: ({ thing }) => <LineFacts line={thing} />,
    many: true,
    goes: true,
  },
  fitting: {
    title: (f, state) => `${elementOf(state, "symbol", f.symbol)?.name ?? "Fitting"} ${f.mark}`,
    words: "selected",
    Facts: ({ thing }) => <FittingFacts fitting={thing} />,
    many: true,
    goes: true,
  },
  floor: {
    title: (f) => `Floor ${f.mark}`,
    words: "selected",
    Facts: ({ thing }) => <FloorFacts floor={thing} />,
    goes: true,
  },
  floorVoid: {
    title: (v) => `Void ${v.mark}`,
    words: "through the floors of this storey",
    Facts: () => null,
    many: true,
    goes: true,
  },
  roof: {
    title: (r) => `Roof ${r.mark}`,
    words: "selected",
    Facts: ({ thing }) => <RoofFacts roof={thing} />,
    goes: true,
  },
  roofPart: {
    title: (p) => `${nounOfPart(p)} ${p.mark}`,
    words: "of a roof",
    Facts: ({ thing }) => <RoofPartFacts part={thing} />,
    many: true,
    goes: true,
  },
  truss: {
    title: (t) => `Trusses ${t.mark}`,
    words: "in a roof",
    Facts: ({ thing }) => <TrussFacts truss={thing} />,
    goes: true,
  },
  footing: {
    title: (f) => `Foundation ${f.mark}`,
    words: (f) => (f.under.type === "underShell" ? "under outside walls" : "selected"),
    Facts: ({ thing }) => <FootingFacts footing={thing} />,
    many: true,
    goes: true,
  },
  spotLevel: {
    title: () => "Level of the ground",
    words: "above the project's zero",
    Facts: ({ thing }) => <SpotFacts spot={thing} />,
    many: true,
    goes: true,
  },
  stair: {
    title: (s) => `Stair ${s.mark}`,
    words: "selected",
    Facts: ({ thing }) => <StairFacts stair={thing} />,
    goes: true,
  },
  outsideSteps: {
    title: (s) => `Steps ${s.mark}`,
    words: "before a door",
    Facts: ({ thing }) => <StepsFacts steps={thing} />,
    goes: true,
  },
  sectionLine: {
    title: (l) => `Section line ${l.mark}`,
    words: "selected",
    Facts: ({ thing }) => <SectionFacts line={thing} />,
    goes: true,
  },
  gridLine: {
    title: (l) => `Grid line ${l.mark}`,
    words: "through all storeys",
    Facts: ({ thing }) => <GridFacts line={thing} />,
    many: true,
    goes: true,
  },
  boundaryLine: {
    title: () => "Side of the plot",
    words: "its boundary",
    Facts: ({ thing }) => <BoundaryFacts line={thing} />,
    many: true,
    goes: true,
  },
  keyMark: {
    title: (m, state) => `Keyed note: ${elementOf(state, "clause", m.clause)?.heading ?? ""}`,
    words: "its words stand in the list of keyed notes",
    Facts: ({ thing }) => <KeyMarkFacts mark={thing} />,
    many: true,
    goes: true,
  },
  sign: {
    title: (s) => SIGNS[s.says],
    words: "says what the project knows",
    Facts: ({ thing }) => (
      <>
        {thing.says === "ELEVATION" && <OpenElevation sign={thing} />}
        <ThroughLens written={thing} />
      </>
    ),
    goes: true,
  },
  tracing: {
    title: (t) => t.name,
    words: "laid behind the plan",
    Facts: () => <p className="text-ink-2">Move it with M, turn it with Shift T; the Register scales it.</p>,
    goes: true,
  },
  note: {
    title: (n) => `Note \u201C${n.text.split("\n")[0]}\u201D`,
    words: "selected",
    Facts: ({ thing }) => <NoteFacts note={thing} />,
    goes: true,
  },
  blank: {
    title: () => "Blank",
    words: "hides what is under it in this drawing",
    Facts: () => null,
    goes: true,
  },
  cloud: {
    title: (c) => (c.issue ? `Revision cloud of issue ${c.issue}` : "Revision cloud"),
    words: "round what changed in this drawing",
    Facts: ({ thing }) => <CloudFacts cloud={thing} />,
    many: true,
    goes: true,
  },
  dimensionString: {
    title: () => "Dimension string",
    words: (s) => `${s.holds.length} points`,
    Facts: ({ thing }) => <StringFacts string={thing} />,
    many: true,
    goes: true,
  },
  dimension: {
    title: (d) => DIMENSIONS[d.of.type],
    words: "follows what it holds to",
    Facts: ({ thing }) => <ThroughLens written={thing} />,
    many: true,
    goes: true,
  },
  drawing: {
    title: (d) => d.name,
    words: "a drawing",
    Facts: ({ thing }) => <OpenDrawing drawing={thing} />,
  },
};

/** How a kind of element is met on the page; undefined for those that never stand in a drawing. */
export function thingOf(element: Element): ThingOf<Element> | undefined {
  return THINGS[element.type] as ThingOf<Element> | undefined;
}

/** What a thing is called, as a drafter would ask for it. */
export function titleOf(state: Elements, element: Element): string | undefined {
  return thingOf(element)?.title(element, state);
}
