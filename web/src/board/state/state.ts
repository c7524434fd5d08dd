import type {
  Areas,
  Bay,
  Behind,
  Catch,
  Clearance,
  Element,
  ElementOf,
  Faces,
  Facing,
  Fact,
  Finding,
  FloorEdge,
  FloorFall,
  FootingAnswer,
  GapAnswer,
  GridLine,
  Group,
  Leaders,
  Lights,
  Mass,
  MeasureAnswer,
  NewWall,
  Note,
  Offered,
  OpeningKind,
  OpeningMakes,
  Paper,
  Pitch,
  RoofAnswer,
  RoofTrim,
  RoomUse,
  SetOutReport,
  SettingOut,
  Sign,
  Stair,
  StairAnswer,
  StairMake,
  StoreyAnswer,
  StringScheme,
  TrussAnswer,
  WellAnswer,
} from "../../api/types";
import { type EntryReading, NOTHING_READ, readEntry } from "../../measure/entry";
import type { LengthReading } from "../../measure/lengths";
import type { Catching } from "../catch/catching";
import type { Caught, Nearby } from "../catch/near";
import type { AnyTool } from "../tools";
import type { ModelPoint, ScreenPoint, Size, View } from "./view";

/** What can be open over the board. */
export type Dialog =
  | "find"
  | "lenses"
  | "standard"
  | "drawings"
  | "keys"
  | "print"
  | "plot"
  | "versions"
  | "materials"
  | "stringStyles"
  | "letterStyles"
  | "layOut"
  | "issues"
  | "clauses"
  | "replace"
  | "stairRules";

/** What the panel at the side shows. */
export type Panel = "facts" | "register" | "findings";

/** What makes sense for a thing, offered where the pointer was. @param element null on clear paper */
export interface Menu {
  readonly at: ScreenPoint;
  readonly element: string | null;
}

/** What the board shows. */
export interface Shown {
  readonly kind: "drawing" | "sheet";
  readonly id: string;
}

/** What an edit would do, not stored. */
export interface Preview {
  readonly groups: ReadonlyMap<string, Group>;
  readonly gone: ReadonlySet<string>;
  readonly name: string | null;
  readonly refusal: string | null;
  readonly gaps: readonly GapAnswer[];
  readonly settingOut: SettingOut | null;
  /** Of the last wall drawn: the clear length of its finished face, where it differs. */
  readonly length: string | null;
  /** Whether it is being made: it is drawn as it will be. */
  readonly made: boolean;
}

export type ToolName = Tool["name"];
export type DoorKind = Exclude<OpeningKind["type"], "window">;

/** The active tool with what was picked for it so far; each is told of in its own file. */
export type Tool = AnyTool;
/** What an opening is placed by: the pointer and what is typed, or a rule. */
export type Setting = "POINTER" | "ROOM" | "WALL" | "GAP" | "SPACED" | "STAND_OFF" | "IN_LINE";

/** What tools will make; kept from one use to the next. */
export interface Making {
  readonly wall: Omit<NewWall, "storey" | "layer">;
  /** What the sizes of a rectangle of walls are measured between. */
  readonly sizes: "OUTSIDE" | "INSIDE";
  /** How far from the one pointed at a parallel wall stands; null by the pointer. */
  readonly besideMm: number | null;
  readonly copies: { readonly count: number; readonly fit: boolean };
  /** Whether turning and mirroring leave the original. */
  readonly leaves: boolean;
  readonly piece: {
    readonly kind: "lined" | "mass" | "niche";
    readonly mass: Mass;
    readonly material: string;
    readonly depthMm: number;
    readonly widthMm: number;
    readonly whole: boolean;
    readonly lowMm: number;
    readonly heightMm: number;
    readonly toHead: boolean;
  };
  readonly post: { readonly widthMm: number; readonly make: Mass };
  readonly door: {
    readonly widthMm: number;
    readonly heightMm: number;
    readonly kind: DoorKind;
    /** How much of a pair its active leaf takes. */
    readonly part: number;
    readonly panels: number;
    readonly lined: boolean;
  };
  readonly window: {
    readonly widthMm: number;
    readonly heightMm: number;
    readonly sillMm: number;
    readonly lights: Lights;
    readonly setbackMm: number;
    readonly form: "FLAT" | "BAY" | "CORNER";
    readonly bay: Bay;
    /** Of a pair round a corner: the width on the other wall. */
    readonly otherWidthMm: number;
  };
  readonly flipHinge: boolean;
  /** How the next opening is set out along its wall. */
  readonly setting: Setting;
  readonly standOffMm: number;
  readonly spaced: number;
  /** How doors and windows are made; null until the server has said what is usual. */
  readonly makes: OpeningMakes | null;
  readonly room: {
    readonly name: string;
    readonly use: RoomUse;
    readonly floor: string;
    readonly walls: string;
    readonly ceiling: string;
  };
  readonly fitting: {
    readonly symbol: string;
    readonly widthMm: number;
    readonly depthMm: number;
    readonly mirrored: boolean;
    /** Radians, where it stands free. */
    readonly angle: number;
  };
  /** Which strings a plan is given at once. */
  readonly dimension: {
    readonly sides: readonly Facing[];
    readonly inside: boolean;
    readonly scheme: StringScheme;
  };
  readonly floor: {
    readonly buildUp: string;
    readonly way: "SHELL" | "RECTANGLE" | "OUTLINE";
    readonly edge: FloorEdge;
    readonly stepMm: number;
    /** Radians. */
    readonly span: number;
    readonly fall: FloorFall;
  };
  readonly roof: {
    readonly way: "SHELL" | "RECTANGLE" | "OUTLINE";
    /** Flat: drained over one side, parapets at the others. */
    readonly form: "HIPPED" | "FLAT";
    readonly buildUp: string;
    readonly pitch: Pitch;
    readonly overhangMm: number;
    /** Of verges, where an edge is made one. */
    readonly vergeMm: number;
    /** The same of parapets. */
    readonly parapet: {
      /** Of roofs that end in them; empty where the project has none for that. */
      readonly buildUp: string;
      readonly upMm: number;
      readonly copingMm: number;
      readonly fall: Pitch;
    };
    /** Null for at the heads of walls. */
    readonly plateMm: number | null;
    readonly seatMm: number;
    readonly trim: RoofTrim;
    /** Its build-up; empty for none but the roof itself, LOFT for nothing. */
    readonly ceiling: string;
  };
  readonly footing: {
    readonly way: "SHELL" | "ONE";
    readonly widthMm: number;
    readonly depthMm: number;
    /** Of its underside, below the floor. */
    readonly belowMm: number;
    readonly material: string;
    /** The material of a wall in the ground; empty where there is none. */
    readonly stem: string;
    readonly stemMm: number;
  };
  /** The ground's level; the finished one is null while it is as the existing one. */
  readonly spot: { readonly existingMm: number; readonly finishedMm: number | null };
  /** A gable across a slope; the rest of it is as of roofs. */
  readonly gable: { readonly widthMm: number; readonly outMm: number };
  readonly roofPart: {
    readonly kind: "LIGHT" | "STACK" | "DORMER" | "DOWNPIPE" | "OUTLET";
    readonly widthMm: number;
    readonly lengthMm: number;
    readonly frameMm: number;
    readonly standsMm: number;
    /** Of a chimney, over the roof at it. */
    readonly aboveMm: number;
    readonly behind: Behind;
    /** Of a chimney, of a dormer's walls, of a downpipe, of an outlet. */
    readonly material: string;
    readonly form: "GABLED" | "HIPPED" | "SHED";
    readonly pitch: Pitch;
    readonly overMm: number;
    readonly wallMm: number;
    readonly windowWidthMm: number;
    readonly windowHeightMm: number;
    readonly sillMm: number;
  };
  readonly outlineWay: "RECTANGLE" | "OUTLINE";
  /** What a click on a string does while its points are changed. */
  readonly onString: "TAKE" | "SPLIT" | "REACH";
  readonly stair: {
    readonly layout: "STRAIGHT" | "AHEAD" | "QUARTER" | "HALF" | "TWO_QUARTERS" | "WINDERS" | "SPIRAL";
    readonly side: "LEFT" | "RIGHT";
    /** Risers of the first flight, where there are more. */
    readonly first: number;
    readonly wellMm: number;
    /** 0 for as long as the stair is wide. */
    readonly landingMm: number;
    readonly widthMm: number;
    /** Null for as many as the rules ask. */
    readonly risers: number | null;
    /** Null for what the rules make of it. */
    readonly goingMm: number | null;
    /** Null until the server has said what is usual. */
    readonly make: StairMake | null;
    readonly above: Stair["above"];
  };
  readonly sectionDepthMm: number;
  /** What a new one shows behind its line: edges behind what is cut, or faces as an elevation does. */
  readonly sectionBeyond: "EDGES" | "FACES";
  /** How a note is written. @param widthMm on paper; null where its lines run on */
  readonly note: {
    readonly style: Note["style"];
    readonly widthMm: number | null;
    readonly shape: Leaders["shape"];
    readonly tip: Leaders["tip"];
  };
  readonly grid: {
    /** The mark of the first line. */
    readonly first: string;
    /** How far apart further lines lie, as it was typed. */
    readonly apart: string;
    readonly bubbles: GridLine["bubbles"];
  };
  readonly sign: Sign["says"];
  /** The number in the triangle of a revision cloud. */
  readonly cloudIssue: string;
  /** What is said of the face of a curved wall. */
  readonly arc: "radius" | "arcLength";
  /** The clause a keyed note says, and what stands in its blanks. */
  readonly keyed: { readonly clause: string; readonly fills: readonly string[] };
  readonly line: { readonly endless: boolean; readonly beside: boolean };
}

/** The stairs that fit into a rectangle that was picked, and which of them is chosen. */
export interface Well {
  readonly choices: readonly WellAnswer[];
  readonly chosen: number;
}

/** Another drawing shown faintly behind the one worked on. @param drawing null for that of the storey below */
export interface Backdrop {
  /** Null where nobody said: then as the lens does. */
  readonly on: boolean | null;
  readonly drawing: string | null;
  readonly groups: ReadonlyMap<string, Group>;
}

/** A distance measured from a point; null until it is typed. */
export interface MeasuredFrom {
  readonly centre: ModelPoint;
  readonly words: string;
  readonly mm: number | null;
}

/** How the next point is found besides by the pointer alone; every pick clears it. */
export interface Aim {
  /** Radians: a direction that holds whatever the pointer does. */
  readonly held: number | null;
  /** The place distances are measured from. */
  readonly base: Caught | null;
  /** Coordinates taken from caught points, in the board's axes. */
  readonly across: number | null;
  readonly up: number | null;
  readonly measured: readonly MeasuredFrom[];
}

export const NO_AIM: Aim = { held: null, base: null, across: null, up: null, measured: [] };

/** What hands have put together for an edit: the tool with its picks, what is typed, how the point is found. */
export interface Work {
  readonly tool: Tool;
  readonly entry: string;
  readonly readingChoice: 0 | 1;
  readonly aim: Aim;
  readonly well: Well | null;
}

/** A box drawn to select: what lies inside it, or all it touches. */
export interface SelectionBox {
  readonly from: ModelPoint;
  readonly to: ModelPoint;
  readonly touching: boolean;
}

export interface BoardState {
  readonly project: string;
  readonly version: { readonly id: string; readonly name: string } | null;
  readonly elements: ReadonlyMap<string, Element>;
  readonly revision: number;
  readonly undo: string | null;
  readonly redo: string | null;
  readonly papers: readonly Paper[];
  /** What the project's trade region offers; null until the server has said it. */
  readonly offered: Offered | null;
  readonly shown: Shown | null;
  /** The drawing or sheet that the groups are of; null until one has come. */
  readonly drawn: string | null;
  readonly groups: ReadonlyMap<string, Group>;
  readonly scale: number;
  readonly nearby: Nearby;
  readonly preview: Preview | null;
  readonly selection: readonly string[];
  readonly view: View;
  readonly earlierViews: readonly View[];
  readonly size: Size;
  readonly hairlines: boolean;
  readonly tool: Tool;
  readonly making: Making;
  readonly pointer: ModelPoint | null;
  readonly caughts: readonly Caught[];
  readonly catchChoice: number;
  /** Which faces are held to first. */
  readonly catching: Catching;
  readonly entry: string;
  readonly readingChoice: 0 | 1;
  /** What the server refused after the drafter had gone on to something else; the last can be taken up again. */
  readonly setAside: readonly Work[];
  readonly aim: Aim;
  /** Radians: how the directions of the arrow keys are turned. */
  readonly axes: number;
  /** Gaps of the one wall selected, which of them the pointer was last at, and whether its neighbour is to move. */
  readonly gaps: readonly GapAnswer[];
  readonly gapAt: number;
  readonly otherMoves: boolean;
  /** How the one opening or fitting selected is set out. */
  readonly settingOut: SettingOut | null;
  /** Which of its measures typing goes to; null for that to the nearer neighbour. */
  readonly measureAt: number | null;
  /** The closed areas of the storey shown, while they matter. */
  readonly areas: Areas | null;
  /** The floor that fittings need, while it is shown. */
  readonly clearances: readonly Clearance[] | null;
  readonly clearancesShown: boolean;
  /** What can be set out from the plan shown, while that is looked at. */
  readonly setOutReport: SetOutReport | null;
  /** What can be said of what a note points at, while one is written or selected. */
  readonly facts: readonly Fact[];
  readonly findings: readonly Finding[];
  /** Whether findings were looked for at all. */
  readonly looked: boolean;
  /** The storeys from the topmost down. */
  readonly storeys: readonly StoreyAnswer[];
  /** What the one stair selected amounts to. */
  readonly stairSum: StairAnswer | null;
  /** What the one roof selected amounts to. */
  readonly roofSum: RoofAnswer | null;
  /** What the trusses selected amount to. */
  readonly trussSum: TrussAnswer | null;
  readonly footingSum: FootingAnswer | null;
  /** Which of its edges is looked at, by its place among them. */
  readonly roofEdge: number | null;
  readonly well: Well | null;
  readonly backdrop: Backdrop;
  readonly faces: Faces;
  readonly box: SelectionBox | null;
  readonly hidden: ReadonlySet<string>;
  readonly locked: ReadonlySet<string>;
  /** Layers that are hidden on this board for now, whatever the lens says. */
  readonly layersOff: ReadonlySet<string>;
  readonly measured: MeasureAnswer | null;
  readonly saying: string | null;
  /** The sentence with which the last edit was refused; it goes when what is meant would be accepted. */
  readonly refused: string | null;
  readonly saving: "saved" | "saving" | "offline";
  /** What is open over the board. */
  readonly dialog: Dialog | null;
  /** The note whose words are written where they stand. */
  readonly written: string | null;
  /** What is offered beside the pointer, and where on the board. */
  readonly menu: Menu | null;
  readonly panel: Panel;
  /** Keys a person chose for commands, by their names. */
  readonly ownKeys: Readonly<Record<string, string>>;
  readonly loaded: boolean;
  readonly fault: string | null;
}

/** The part of a board's state that holds its elements. */
export interface Elements {
  readonly elements: BoardState["elements"];
}

export function elementsOf<T extends Element["type"]>(state: Elements, type: T): ElementOf<T>[] {
  const found: ElementOf<T>[] = [];
  for (const e of state.elements.values()) if (e.type === type) found.push(e as ElementOf<T>);
  return found.sort((a, b) => a.id.localeCompare(b.id));
}

/** The build-ups walls can be made of, in the order of their marks. */
export function wallBuildUps(state: Elements): ElementOf<"buildUp">[] {
  return elementsOf(state, "buildUp")
    .filter((b) => b.use === "WALL")
    .sort((a, b) => a.mark.localeCompare(b.mark, "en", { numeric: true }));
}

/** The build-ups of a use, in the order of their marks. */
export function buildUpsFor(state: Elements, use: ElementOf<"buildUp">["use"]): ElementOf<"buildUp">[] {
  return elementsOf(state, "buildUp")
    .filter((b) => b.use === use)
    .sort((a, b) => a.mark.localeCompare(b.mark, "en", { numeric: true }));
}

/** The build-ups floors can be made of, in the order of their marks. */
export function floorBuildUps(state: Elements): ElementOf<"buildUp">[] {
  return elementsOf(state, "buildUp")
    .filter((b) => b.use === "FLOOR" || b.use === "GROUND_FLOOR")
    .sort((a, b) => a.mark.localeCompare(b.mark));
}

export function elementOf<T extends Element["type"]>(
  state: Elements,
  type: T,
  id: string | undefined,
): ElementOf<T> | undefined {
  const e = id === undefined ? undefined : state.elements.get(id);
  return e?.type === type ? (e as ElementOf<T>) : undefined;
}

/** The chosen catch near the pointer, if any. */
export function caughtNow(state: BoardState): Caught | undefined {
  return state.caughts.length === 0 ? undefined : state.caughts[state.catchChoice % state.caughts.length];
}

/** Whether what is typed for a tool is words, not lengths. */
export function isWriting({ name }: Tool): boolean {
  return name === "note" || name === "leader" || name === "figure";
}

/** What the entry line is read as now; null while it is empty or holds words. */
export function readingOf(state: BoardState): EntryReading | null {
  const { entry, tool } = state;
  return entry.trim() === "" || isWriting(tool) ? null : readEntry(entry, unitsOf(state));
}

/** The length read from what is typed, in millimetres. */
export function typedMm(state: BoardState): number | undefined {
  return lengthOf(state, readingOf(state)?.length ?? null);
}

/** The second of two lengths typed. */
export function typedSecondMm(state: BoardState): number | undefined {
  return lengthOf(state, readingOf(state)?.second ?? null);
}

/** The angle typed, in radians. */
export function typedAngle(state: BoardState): number | undefined {
  const degrees = readingOf(state)?.degrees ?? null;
  return degrees === null ? undefined : (degrees * Math.PI) / 180;
}

const BARE_DEGREES = /^[-\u2212]?\d+([.,]\d+)?\s*\u00B0?$/;

/** A plain number read as an angle in degrees, where a tool asks for one; in radians. */
export function bareAngle(entry: string): number | undefined {
  const text = entry.trim();
  if (!BARE_DEGREES.test(text)) return undefined;
  const degrees = Number(text.replace("\u2212", "-").replace(",", ".").replace("\u00B0", ""));
  return Math.abs(degrees) <= 360 ? (degrees * Math.PI) / 180 : undefined;
}

/** Why what is typed cannot be read. */
export function faultOf(state: BoardState): string | null {
  const { length, second, fault } = readingOf(state) ?? NOTHING_READ;
  for (const reading of [length, second]) if (reading?.type === "unreadable") return reading.reason;
  return fault;
}

function lengthOf(state: BoardState, reading: LengthReading | null): number | undefined {
  if (reading?.type === "read") return reading.mm;
  if (reading?.type === "asks") return state.readingChoice === 0 ? reading.firstMm : reading.secondMm;
  return undefined;
}

/** The gap of the selection that typing goes to. */
export function gapPointedAt(state: BoardState): GapAnswer | undefined {
  const gaps = state.preview && state.preview.gaps.length > 0 ? state.preview.gaps : state.gaps;
  return gaps[Math.min(state.gapAt, gaps.length - 1)];
}

/** How the opening or fitting at hand is set out: the one being placed, or the one selected. */
export function settingOutNow(state: BoardState): SettingOut | null {
  return state.preview?.settingOut ?? state.settingOut;
}

/** What an edit calls the measure to the neighbour nearer to its place. */
export const NEARER = -1;

/** Which of two neighbours an opening or a fitting is nearer to. */
function nearerOf(settingOut: SettingOut | null): number {
  const [one, two] = settingOut?.measures ?? [];
  return one && two && two.mm < one.mm ? 1 : 0;
}

/** Which of two neighbours the pointer is nearer to, as long as it is between them. */
function nearerToPointer({ pointer, preview }: BoardState): number {
  const [one, two] = preview?.settingOut?.measures ?? [];
  if (!pointer || !one || !two) return NEARER;
  const [x, y] = [two.from[0] - one.from[0], two.from[1] - one.from[1]];
  const part = ((pointer.x - one.from[0]) * x + (pointer.y - one.from[1]) * y) / (x * x + y * y);
  return part >= 0 && part <= 1 ? Number(part > 0.5) : NEARER;
}

/** The measure that typing goes to: the one chosen, else that to the nearer neighbour; of what is selected, or of what is being placed. */
export function measureNow(state: BoardState): number {
  if (state.measureAt !== null) return state.measureAt;
  return state.tool.name === "select" ? nearerOf(state.settingOut) : nearerToPointer(state);
}

/** Which of the distances shown is the one that typing goes to; -1 where none is. */
export function measureShown(state: BoardState): number {
  const shown = settingOutNow(state);
  const at = measureNow(state);
  const goal = state.tool.name === "select" ? state.settingOut?.measures[at]?.placing : shown?.placing;
  if (state.tool.name !== "select" && at !== NEARER) return at;
  return shown?.measures.findIndex((m) => goal?.type === "off" && keepsAlike(m.placing, goal)) ?? -1;
}

type Off = SettingOut["measures"][number]["placing"];

/** Whether two rules measure from one stop to one edge, whatever the distance. */
function keepsAlike(one: Off, two: Off): boolean {
  return one.to === two.to && JSON.stringify(one.stop) === JSON.stringify(two.stop);
}

/** The one wall selected in a plan, where its gaps and ends are worked on. */
export function wallSelected(state: BoardState): ElementOf<"wall"> | undefined {
  return planShown(state) && state.selection.length === 1
    ? elementOf(state, "wall", state.selection[0])
    : undefined;
}

/** The set-out line or a face of a wall: one segment of a straight wall, the chords of a curved one. */
export function faceOf(state: BoardState, wall: string, face: number): readonly Catch[] {
  const catches = state.groups.get(wall)?.catches ?? [];
  return catches.filter((c) => c.hold.type === "onFace" && c.hold.face === face);
}

/** Where openings are measured along: the set-out line as far as it is seen. */
export function measuredLine(state: BoardState, wall: string): readonly Catch[] {
  return faceOf(state, wall, -1);
}

export function drawingShown(state: BoardState): ElementOf<"drawing"> | undefined {
  return state.shown?.kind === "drawing" ? elementOf(state, "drawing", state.shown.id) : undefined;
}

/** The plan shown, in which walls can be drawn; a schedule is a drawing too, but not one to draw in. */
export function planShown(state: BoardState): ElementOf<"drawing"> | undefined {
  const drawing = drawingShown(state);
  return drawing?.kind === "PLAN" ? drawing : undefined;
}

/** The drawing shown, where a part of it can be a drawing by itself. */
export function partedShown(state: BoardState): ElementOf<"drawing"> | undefined {
  const drawing = drawingShown(state);
  return drawing && PARTED.includes(drawing.kind) ? drawing : undefined;
}

const PARTED: readonly ElementOf<"drawing">["kind"][] = ["PLAN", "SECTION", "ELEVATION", "INTERIOR"];

/** Whether what is selected can be moved in what is shown: anything in a plan, elsewhere what is written there and frames of parts. */
export function canShift(state: BoardState): boolean {
  if (planShown(state)) return true;
  const here = drawingShown(state)?.id;
  return state.selection.every((id) => {
    const e = state.elements.get(id);
    if (e?.type === "drawing") return e.frame.type === "part";
    return (e?.type === "note" || e?.type === "dimensionString") && e.drawing === here;
  });
}

export function unitsOf(state: BoardState): "METRIC" | "FEET_INCHES" {
  return elementOf(state, "settings", "settings")?.units ?? "METRIC";
}
