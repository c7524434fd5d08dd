import type { ElementOf, Offered, RoomUse, Settings } from "../../api/types";
import { usualSetOut } from "../things/setOut";
import { type BoardState, buildUpsFor, elementOf, elementsOf, type Making } from "./state";

/** What a project is offered: by its trade region, or one like it where the office that made that is another. */
export function offeredTo(settings: Settings | undefined, regions: readonly Offered[]): Offered | undefined {
  const id = settings?.region ?? "";
  const [like] = id.split(":");
  return (
    regions.find((o) => o.region.id === id) ??
    regions.find((o) => o.region.id === like) ??
    regions.find((o) => o.region.units === settings?.units)
  );
}

/** What tools make at first in a project of a trade region: sizes as they are said there, never converted. */
export function usualMaking(before: BoardState, offered: Offered): Making {
  const state = { ...before, offered };
  const { making } = state;
  const { region, makes, stairs, roofs, footings, leaves } = offered;
  const [leaf] = leaves;
  const [windowWidth = 1200, windowHeight = 1200] = region.windows.usual;
  const wall = elementOf(state, "buildUp", region.outsideWall);
  const symbol = [...state.elements.values()].find((e) => e.type === "symbol" && e.kind === "WC");
  return {
    ...making,
    makes,
    wall: { ...making.wall, buildUp: region.outsideWall, setOut: usualSetOut(wall) },
    piece: {
      ...making.piece,
      material: usualMaterial(state, "lining"),
      mass: { type: "solid", material: usualMaterial(state, "mass"), depthMm: making.piece.mass.depthMm },
      widthMm: region.pierMm,
      heightMm: region.pieceHeightMm,
    },
    post: {
      widthMm: region.postMm,
      make: { type: "solid", material: usualMaterial(state, "post"), depthMm: region.postMm },
    },
    door: {
      ...making.door,
      widthMm: leaf?.widthMm ?? making.door.widthMm,
      heightMm: leaf?.heightMm ?? making.door.heightMm,
    },
    window: {
      ...making.window,
      widthMm: windowWidth,
      heightMm: windowHeight,
      sillMm: region.windows.sillMm,
      setbackMm: region.windows.setbackMm,
      otherWidthMm: region.windows.otherMm,
      lights: { ...making.window.lights, inwards: region.windows.inwards },
      bay: { ...making.window.bay, projectionMm: region.windows.bayMm },
    },
    standOffMm: region.standOffMm,
    fitting:
      symbol?.type === "symbol"
        ? {
            ...making.fitting,
            symbol: symbol.id,
            widthMm: symbol.width.usualMm,
            depthMm: symbol.depth.usualMm,
          }
        : making.fitting,
    floor: { ...making.floor, buildUp: region.groundFloor },
    roof: {
      ...making.roof,
      buildUp: has(state, roofs.buildUp, "ROOF"),
      pitch: roofs.pitch,
      overhangMm: roofs.overhangMm,
      vergeMm: roofs.vergeMm,
      parapet: { ...roofs.parapet, buildUp: has(state, roofs.parapet.buildUp, "ROOF") },
      seatMm: roofs.seatMm,
      trim: {
        ...roofs.trim,
        material: material(state, roofs.trim.material),
        gutterOf: material(state, roofs.trim.gutterOf),
        flashingOf: material(state, roofs.trim.flashingOf),
      },
      ceiling: has(state, roofs.ceiling, "CEILING"),
    },
    roofPart: { ...making.roofPart, material: usualMaterial(state, "chimney") },
    footing: {
      ...making.footing,
      widthMm: footings.widthMm,
      depthMm: footings.depthMm,
      belowMm: -footings.undersideMm,
      material: material(state, footings.material),
      stem: footings.rising.type === "stem" ? material(state, footings.rising.material) : "",
      stemMm: footings.rising.type === "stem" ? footings.rising.widthMm : making.footing.stemMm,
    },
    stair: { ...making.stair, make: stairs.make, widthMm: stairs.widthMm, wellMm: region.wellMm },
    dimension: { ...making.dimension, scheme: region.strings },
    note: { ...making.note, style: usualLetters(state) },
    sectionDepthMm: region.units === "METRIC" ? 20_000 : 60 * 304.8,
  };
}

/** A build-up where the project has it, else the first of its use; empty where there is none. */
function has(state: BoardState, buildUp: string, use: ElementOf<"buildUp">["use"]): string {
  const all = buildUpsFor(state, use);
  return (all.find((b) => b.id === buildUp) ?? all[0])?.id ?? "";
}

/** Which lens shows heights, which cuts, and which the roofs from above; null where the project has none. */
export function usualLens(state: BoardState, of: "sections" | "elevations" | "roofPlan"): string | null {
  const all = elementsOf(state, "lens");
  const usual = all.find((l) => l.id === state.offered?.stock[of]);
  if (of === "sections") return usual?.id ?? null;
  const like = of === "roofPlan" ? all.find((l) => l.roofs === "FROM_ABOVE") : undefined;
  return (usual ?? like ?? all[0])?.id ?? null;
}

/** The style that notes are usually set in, or another where the project has not got it. */
export function usualLetters(state: Pick<BoardState, "elements" | "offered">): string {
  const usual = elementOf(state, "letterStyle", state.offered?.stock.letters);
  return (usual ?? elementsOf(state, "letterStyle")[0])?.id ?? "";
}

/** The style that the note tool sets in: the one chosen for it, as long as it is there. */
export function lettersChosen(state: Pick<BoardState, "elements" | "offered" | "making">): string {
  return elementOf(state, "letterStyle", state.making.note.style)?.id ?? usualLetters(state);
}

/** What is made of one material is usually made of this one. */
export function usualMaterial(
  state: BoardState,
  of: "lining" | "mass" | "post" | "steps" | "board" | "chimney",
) {
  return material(state, state.offered?.stock[of] ?? "");
}

/** A material of the stock, or another where the project has not got it. */
function material(state: BoardState, id: string): string {
  return elementOf(state, "material", id)?.id ?? elementsOf(state, "material")[0]?.id ?? "";
}

/** What a room of a use is called where nobody named it; also the words of the uses, in their order. */
export function roomNames(state: Pick<BoardState, "offered">): readonly (readonly [RoomUse, string])[] {
  const names = state.offered?.region.roomNames ?? {};
  return USES.map((use) => [use, names[use] ?? "Room"] as const);
}

/** What rooms are for, in the order they are offered in. */
export const USES: readonly RoomUse[] = [
  "LIVING",
  "KITCHEN",
  "DINING",
  "BEDROOM",
  "STUDY",
  "BATHROOM",
  "WC",
  "UTILITY",
  "HALL",
  "STORE",
  "GARAGE",
  "COURT",
  "OTHER",
];
