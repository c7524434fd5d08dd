import type { Edit } from "../../api/types";
import type { BoardState, Tool, ToolName } from "../state/state";
import { angle } from "./angle";
import { area } from "./area";
import { bend } from "./bend";
import { beside } from "./beside";
import { blank } from "./blank";
import { blockPart } from "./blockPart";
import { boundary } from "./boundary";
import { cloud } from "./cloud";
import { copy } from "./copy";
import { crop } from "./crop";
import { cut } from "./cut";
import { dimension } from "./dimension";
import { door } from "./door";
import { eaves } from "./eaves";
import { end } from "./end";
import { figure } from "./figure";
import { fitting } from "./fitting";
import { floor } from "./floor";
import { footing } from "./footing";
import { gable } from "./gable";
import { grid } from "./grid";
import { house } from "./house";
import { keyed } from "./keyed";
import { leader } from "./leader";
import { limit } from "./limit";
import { line } from "./line";
import { mark } from "./mark";
import { measure } from "./measure";
import { mirror } from "./mirror";
import { move } from "./move";
import { note } from "./note";
import { part } from "./part";
import { paste } from "./paste";
import { piece } from "./piece";
import { place } from "./place";
import { pointing } from "./pointing";
import { points } from "./points";
import { post } from "./post";
import { reach } from "./reach";
import { rectangle } from "./rectangle";
import { roof } from "./roof";
import { room } from "./room";
import { run } from "./run";
import { scale } from "./scale";
import { section } from "./section";
import { select } from "./select";
import { setout } from "./setout";
import { sign } from "./sign";
import { slope } from "./slope";
import { spot } from "./spot";
import { stair } from "./stair";
import { storeys } from "./storeys";
import { string } from "./string";
import type { ToolOf, Words } from "./ToolOf";
import { through } from "./through";
import { turn } from "./turn";
import { voidThrough } from "./void";
import { well } from "./well";
import { window } from "./window";

/** The tools of every stage. */
const everywhere = [select, move, copy, turn, mirror, measure, line] as const;

/** The stages in the order of the work, with their tools. A new tool is its own file and its place here. */
const stages = [
  { words: "Walls", tools: [run, rectangle, beside, reach, cut, bend, piece, post] },
  { words: "Openings", tools: [door, window] },
  {
    words: "Storeys and stairs",
    tools: [storeys, floor, voidThrough, footing, spot, boundary, house, stair, well, section],
  },
  { words: "Rooms and fittings", tools: [room, limit, fitting] },
  { words: "Roof", tools: [roof, gable, through, eaves] },
  {
    words: "Dimensions, notes",
    tools: [
      dimension,
      string,
      angle,
      slope,
      area,
      setout,
      note,
      leader,
      keyed,
      sign,
      grid,
      part,
      blank,
      cloud,
    ],
  },
] as const;

/** Tools that begin with something given, not from a list. */
const given = [end, paste, scale, place, crop, blockPart, mark, points, figure, pointing] as const;

type Registered =
  | (typeof everywhere)[number]
  | (typeof stages)[number]["tools"][number]
  | (typeof given)[number];
type StateOf<R> = R extends ToolOf<infer T> ? T : never;

/** What a tool has picked so far, of any tool there is. */
export type AnyTool = StateOf<Registered>;

/** A tool whose picks are not looked into. */
export type Listed = ToolOf<Tool>;

export interface Stage {
  readonly words: string;
  readonly tools: readonly Listed[];
}

/** Each is only ever given picks of its own. */
const listed = (tools: readonly Registered[]) => tools as unknown as readonly Listed[];

export const EVERYWHERE = listed(everywhere);
export const STAGES: readonly Stage[] = stages.map((s) => ({ words: s.words, tools: listed(s.tools) }));
/** All that can be chosen from a list. */
export const TOOLS: readonly Listed[] = [...EVERYWHERE, ...STAGES.flatMap((s) => s.tools)];

const byName = new Map([...TOOLS, ...listed(given)].map((t) => [t.name, t]));

/** The tool that picks are of. */
export function toolOf({ name }: { readonly name: ToolName }): Listed {
  const tool = byName.get(name);
  if (!tool) throw new Error(`No tool is called ${name}`);
  return tool;
}

/** A tool with nothing picked yet; Select, for one that begins with something given. */
export function fresh(name: ToolName): Tool {
  return toolOf({ name }).fresh ?? { name: "select" };
}

/** What the active tool would do now: the edit to preview, and to make on the next click or Enter. */
export function editMeant(state: BoardState): Edit | null {
  return toolOf(state.tool).edit(state, state.tool);
}

/** What to do next, in one plain sentence. */
export function prompt(state: BoardState): Words {
  return aiming(state) ?? toolOf(state.tool).prompt(state, state.tool);
}

/** While the next point is found another way, what that asks for. */
function aiming({ aim, tool }: BoardState): Words | null {
  const open = aim.measured.find((m) => m.mm === null);
  if (open) return ["A distance from a point.", `Type how far it is from ${open.words}.`];
  if (aim.measured.length === 1) return ["A distance from a point.", "Catch the second point and press N."];
  if (aim.measured.length === 2)
    return ["Two distances.", "Point to the side that is meant and press Enter."];
  if (aim.base) return [`From ${aim.base.caught.words}.`, "Point the way and type how far, or click."];
  if (aim.across !== null && aim.up !== null) return ["Across and up taken.", "Press Enter or click."];
  if (aim.across !== null) return ["Across taken.", "Catch a point and press Y for its up, or click."];
  if (aim.up !== null) return ["Up taken.", "Catch a point and press X for its across, or click."];
  if (aim.held !== null && tool.name === "run")
    return ["Direction held.", "Type the length, or click a point to come level with it. F lets go."];
  return null;
}
