import type {
  AddDrawing,
  AddStorey,
  DimensionPlan,
  Drawing,
  Edit,
  Element,
  ElementOf,
  Faces,
  GapAnswer,
  LaidOut,
  LaidOutSheet,
  Opening,
  PaperSize,
  ReviseFigure,
  Roof,
  SetOut,
  Stair,
  StockSymbol,
  Storey,
  Truss,
} from "../../api/types";
import { freeName } from "./drawings";
import { layerOf } from "./layers";
import { type BoardState, elementOf, elementsOf, planShown, unitsOf } from "./state";
import { usualLens } from "./usual";

/** Edits of what is there already, by what they change. */

/** The edit that changes the facts of one element. */
export function revision(element: Element): Edit {
  return { type: "revise", element };
}

/** The edit that makes walls of another build-up. @param setOut where it lies then; null on the same face as before */
export function remaking(walls: readonly string[], buildUp: string, setOut: SetOut | null): Edit {
  const line = setOut ? ({ type: "at", setOut } as const) : ({ type: "kept" } as const);
  return { type: "remakeWalls", walls: [...walls], buildUp, line };
}

/** The edit that draws the elevations of all sides; null where the project has no lens for it. */
export function elevations(state: BoardState, scale: number): Edit | null {
  const lens = usualLens(state, "elevations");
  const storey = elementsOf(state, "storey").sort((a, b) => a.levelMm - b.levelMm)[0];
  return lens && storey ? { type: "drawElevations", storey: storey.id, lens, scale } : null;
}

/** The edit that draws the walls of a room from inside; null where the project has no lens for it. */
export function interior(state: BoardState, room: string): Edit | null {
  const lens = usualLens(state, "elevations");
  const scale = unitsOf(state) === "METRIC" ? 50 : 24;
  return lens ? { type: "drawInterior", room, lens, scale } : null;
}

/** The edit that places the downpipes a roof lacks, as large and of what is usual in the trade region. */
export function draining(state: BoardState, roof: Roof): Edit | null {
  const pipe = state.offered?.roofs.downpipe;
  if (!pipe) return null;
  return {
    type: "drainRoof",
    roof: roof.id,
    layer: layerOf(state, "roofPart"),
    widthMm: pipe.widthMm,
    depthMm: pipe.depthMm,
    material: roof.trim.gutterOf,
  };
}

/** The edit that sets up trusses in a roof, as usual in the trade region. */
export function layingTrusses(state: BoardState, roof: string): Edit | null {
  const make = state.offered?.roofs.truss;
  if (!make) return null;
  const { source, ...sizes } = make;
  return { type: "layTrusses", roof, layer: layerOf(state, "truss"), ...sizes, along: { type: "allAlong" } };
}

/** The edit that draws one of some trusses. */
export function drawingOfTruss(state: BoardState, truss: Truss): Edit | null {
  const lens = usualLens(state, "elevations");
  const storey = elementOf(state, "roof", truss.roof)?.storey;
  if (!lens || !storey) return null;
  return {
    type: "addDrawing",
    name: freeName(state, `Truss ${truss.mark}`),
    kind: "TRUSS",
    storey,
    lens,
    scale: unitsOf(state) === "METRIC" ? 50 : 48,
    subject: { type: "one", element: truss.id },
    frame: { type: "all" },
    also: [],
  };
}

/** The edit that draws a plan of the roofs from above; null where there are none. */
export function roofPlan(state: BoardState, scale: number): Edit | null {
  const lens = usualLens(state, "roofPlan");
  const [roof] = elementsOf(state, "roof");
  if (!lens || !roof) return null;
  return adding({
    name: freeName(state, "Roof plan"),
    kind: "PLAN",
    storey: roof.storey,
    lens,
    scale,
    frame: { type: "all" },
    also: [],
  });
}

/** The edit that adds a sheet with nothing on it. */
export function addingSheet(number: string, title: string, set: string, size: PaperSize): Edit {
  return {
    type: "addSheet",
    number,
    title,
    set,
    paper: { size, upright: false, ownLongMm: 0, ownShortMm: 0 },
    drawings: [],
  };
}

/** The edit that adds sheets with drawings laid out on them, in a set, and fills sheets there are. */
export function composing({ sheets, filled }: Pick<LaidOut, "sheets" | "filled">, set: string): Edit {
  return {
    type: "composeSheets",
    sheets: sheets.map(({ larger, ...s }) => ({
      ...s,
      type: "addSheet" as const,
      set,
      drawings: s.drawings.map(asPlaced),
    })),
    onto: filled.map(({ sheet, drawings }) => ({ sheet, drawings: drawings.map(asPlaced) })),
  };
}

function asPlaced({ drawing, anchor, at }: LaidOutSheet["drawings"][number]) {
  return { drawing, anchor, at, quarters: 0, crop: { type: "all" as const } };
}

/** The edit that deletes elements. */
export function erasure(elements: readonly string[]): Edit {
  return { type: "delete", elements: [...elements] };
}

/** The edit that adds a layer that no kind is drawn on by itself. */
export function addingLayer(name: string, group: string): Edit {
  const id = `layer-${name
    .trim()
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")}`.slice(0, 40);
  const drawn = { type: "byKind" } as const;
  const layer = {
    type: "layer",
    id,
    name,
    group,
    standsFor: "BUILT",
    drawn,
    ink: "",
    locked: false,
  } as const;
  return { type: "addLayer", layer: { ...layer, takes: [] } };
}

/** The edit that moves things to another layer. */
export function toLayer(elements: readonly string[], layer: string): Edit {
  return { type: "moveToLayer", elements: [...elements], layer };
}

/** The edit that deletes a layer. @param to where what lies on it goes; null for away with it */
export function withoutLayer(layer: string, to: string | null): Edit {
  const leaves = to === null ? ({ type: "nothing" } as const) : ({ type: "toLayer", layer: to } as const);
  return { type: "deleteLayer", layer, leaves };
}

/** The edit that takes items of an office standard. */
export function takingStandard(items: readonly Element[]): Edit {
  return { type: "takeStandard", items: [...items] };
}

/** The edit that adds a lens. */
export function addingLens(lens: ElementOf<"lens">): Edit {
  return { type: "addLens", lens };
}

/** The edit that deletes a lens. @param instead what its drawings are seen through then */
export function withoutLens(lens: string, instead: string): Edit {
  return { type: "deleteLens", lens, instead };
}

/** The edit that moves a drawing in the register. */
export function placedBefore(drawing: string, before: string): Edit {
  return { type: "reorderDrawing", drawing, before };
}

/** The edit that changes the facts of several elements. */
export function revisions(elements: readonly Element[]): Edit {
  return { type: "reviseAll", elements: [...elements] };
}

/** The edit that makes one wall of several in line. */
export function joining(walls: readonly string[]): Edit {
  return { type: "joinInLine", walls: [...walls] };
}

/** The edit that hands the whole house in an upright line at x. */
export function handing(x: number): Edit {
  return { type: "hand", about: [x, 0] };
}

/** The edit that turns the whole house so that a wall lies square. */
export function layingSquare(wall: string): Edit {
  return { type: "laySquare", wall };
}

/** The edit that keeps a gap as it is; null for one that cannot be kept. */
export function keeping({ gap, clearMm }: GapAnswer, faces: Faces): Edit | null {
  return gap.type === "beside" ? { type: "keepGap", gap, faces, clearMm } : null;
}

export type NewDrawing = Omit<
  Drawing,
  "id" | "type" | "sortBy" | "subject" | "order" | "inFront" | "leftOut"
>;

/** The edit that adds a drawing to the register. */
export function adding(drawing: NewDrawing, subject: Drawing["subject"] = { type: "whole" }): AddDrawing {
  return { type: "addDrawing", ...drawing, subject };
}

/** The edit that adds several. */
export function addingSeveral(drawings: readonly NewDrawing[]): Edit {
  return { type: "addDrawings", drawings: drawings.map((d) => adding(d)) };
}

/** The edit that adds a drawing of a part of another. */
export function addingPart(
  { id, type, sortBy, order, inFront, leftOut, ...of }: Drawing,
  name: string,
  scale: number,
  frame: Drawing["frame"],
): Edit {
  return { type: "addDrawing", ...of, name, scale, frame, also: [] };
}

/** The edit that adds the drawing of one stair, seen as the plan shown is. */
export function drawingOfStair(state: BoardState, stair: Stair): Edit | null {
  const plan = planShown(state);
  if (!plan) return null;
  const { storey, lens } = plan;
  const name = freeName(state, `Stair ${stair.mark}`);
  const subject = { type: "one", element: stair.id } as const;
  const frame = { type: "all" } as const;
  return { type: "addDrawing", name, storey, lens, scale: 25, kind: "STAIR", subject, frame, also: [] };
}

/** The edit that copies a string beside itself: to the left of the way it measures where positive. */
export function copyingString(string: string, asideMm: number): Edit {
  return { type: "copyString", string, asideMm };
}

/** The edit that makes one string of several. */
export function joiningStrings(strings: readonly string[]): Edit {
  return { type: "joinStrings", strings: [...strings] };
}

/** The edit that rakes a wall under the stair over it. */
export function rakingUnderStair(wall: string): Edit {
  return { type: "rakeUnderStair", wall };
}

/** The edit that puts steps before a door. */
export function placingSteps(
  door: Opening,
  layer: string,
  widthMm: number,
  landingMm: number,
  goingMm: number,
  material: string,
): Edit {
  return {
    type: "placeSteps",
    opening: door.id,
    layer,
    widthMm,
    landingMm,
    way: { type: "steps", goingMm },
    material,
  };
}

/** The edit that adds a storey beside another. */
export function addingStorey(storey: Omit<AddStorey, "type">): Edit {
  return { type: "addStorey", ...storey };
}

/** The edit that adds a material of the project's own. */
export function addingMaterial(material: ElementOf<"material">): Edit {
  return { type: "addMaterial", material };
}

/** The edit that changes a storey and what depends on it. */
export function revisionOfStorey(storey: Storey): Edit {
  return { type: "reviseStorey", storey };
}

/** The edit that changes places of a storey with the next. */
export function reordering(storey: string, up: boolean): Edit {
  return { type: "reorderStorey", storey, up };
}

/** The edit that changes an opening with all others of its type. */
export function revisionOfType(opening: Opening): Edit {
  return { type: "reviseOpening", opening };
}

/** The edit that makes openings of one type; an empty mark splits them off. */
export function typing(openings: readonly string[], typeMark: string): Edit {
  return { type: "makeType", openings: [...openings], typeMark };
}

/** The edit that numbers the marks of doors and windows anew, but for some. */
export function renumbering(keep: readonly string[]): Edit {
  return { type: "renumberMarks", keep: [...keep] };
}

/** The edit that lets marks begin with other letters. */
export function lettering(letters: ElementOf<"settings">["letters"]): Edit {
  return { type: "letterMarks", letters };
}

/** The edit that lets a table run on in another drawing. */
export function continuing(drawing: string, after: number): Edit {
  return { type: "continueTable", drawing, after };
}

/** The edit that numbers all sheets anew. */
export function numberingSheets(before: string, by: "ORDER" | "KIND"): Edit {
  return { type: "numberSheets", before, by };
}

/** The edit that makes another layout of title blocks. */
export function addingTitleBlock(like: string, name: string): Edit {
  return { type: "addTitleBlock", like, name };
}

/** The edit that puts things further to the front of a plan, or to the back. */
export function inFront(drawing: string, things: readonly string[], how: Front): Edit {
  return { type: "putInFront", drawing, things: [...things], how };
}

/** All the way, or by a step. */
export type Front = "FRONT" | "FORWARD" | "BACKWARD" | "BACK";

/** The edit that numbers the rooms of a storey anew, and names the rest. */
export function numbering(storey: string, layer: string): Edit {
  return { type: "numberRooms", storey, layer };
}

/** The edit that stretches a fitting from wall to wall. */
export function filling(fitting: string): Edit {
  return { type: "fillBetweenWalls", fitting };
}

/** The edit that adds a symbol to the stock; some uses get it instead of theirs. */
export function addingSymbol(symbol: StockSymbol, uses: readonly string[]): Edit {
  return { type: "addSymbol", symbol: { ...symbol, type: "symbol" }, uses: [...uses] };
}

/** All the strings that a plan still wants, as a person last had them. @param rooms inside of these alone; of all where empty */
export function dimensioning(
  state: Pick<BoardState, "elements" | "making">,
  plan: string,
  rooms: readonly string[],
): DimensionPlan {
  const { sides, inside, scheme } = state.making.dimension;
  return {
    type: "dimensionPlan",
    drawing: plan,
    layer: layerOf(state, "dimensionString"),
    sides: [...sides],
    inside,
    rooms: [...rooms],
    scheme,
  };
}

/** The edit that adds a clause to the library of keyed notes. */
export function addingClause(heading: string, text: string): Edit {
  return { type: "addClause", heading, text };
}

/** The edit that puts words in place of others in all notes and clauses. */
export function replacingWords(find: string, words: string): Edit {
  return { type: "replaceWords", find, with: words };
}

/** The edit that adds a style of strings or of letters. @param like the style it begins as */
export function addingStyle(like: string, name: string): Edit {
  return { type: "addStyle", like, name };
}

/** The edit that sets notes in a column. */
export function inColumn(notes: readonly string[]): Edit {
  return { type: "tidyNotes", notes: [...notes] };
}

/** The edit that changes a figure of a string, or the line of one of its points. @param at beside it, along the string */
export function figureChange(string: string, at: readonly [number, number], to: ReviseFigure["to"]): Edit {
  return { type: "reviseFigure", string, at: [at[0], at[1]], to };
}

/** The edit that fills one blank of a keyed note. */
export function fillingBlank(mark: string, blank: number, words: string): Edit {
  return { type: "fillBlank", mark, blank, words };
}
