import type { Group, Item } from "../../api/types";
import type { Box } from "../state/view";

type Point = readonly [number, number];

/** How far a group's items reach; null for an empty group. Letters reach as far as they are wide, about. */
export function boxOf(groups: Iterable<Pick<Group, "items">>, scale: number): Box | null {
  let box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity };
  const take = ([x, y]: Point) => {
    box = {
      minX: Math.min(box.minX, x),
      minY: Math.min(box.minY, y),
      maxX: Math.max(box.maxX, x),
      maxY: Math.max(box.maxY, y),
    };
  };
  for (const group of groups) for (const item of group.items) for (const p of pointsOf(item, scale)) take(p);
  return box.minX <= box.maxX ? box : null;
}

/** How far what prints of some groups reaches: construction lines run on for ever. */
export function printedBox(groups: Iterable<Pick<Group, "items">>, scale: number): Box | null {
  const printed = [...groups].map(({ items }) => ({
    items: items.filter((i) => i.type !== "strokes" || i.role !== "CONSTRUCTION"),
  }));
  return boxOf(printed, scale);
}

function pointsOf(item: Item, scale: number): readonly Point[] {
  switch (item.type) {
    case "fill":
      return item.ring;
    case "hatch":
      return item.rings.flat();
    case "wave":
      return [item.from, item.to];
    case "strokes":
      return item.lines.flat();
    case "arc":
      return [
        at(item.centre, item.radius, item.from),
        at(item.centre, item.radius, item.from + item.sweep / 2),
        at(item.centre, item.radius, item.from + item.sweep),
        item.centre,
      ];
    case "image":
      return [item.at, [item.at[0] + item.widthMm, item.at[1] + item.heightMm]];
    case "traced":
      return [
        item.at,
        turned(item.at, item.widthMm, 0, item.angle),
        turned(item.at, item.widthMm, item.heightMm, item.angle),
        turned(item.at, 0, item.heightMm, item.angle),
      ];
    case "text":
      return item.runs.flatMap((run) => {
        const width = wide(run.letters) * run.height;
        return [
          turned(item.at, run.right * scale, run.up * scale, item.angle),
          turned(item.at, (run.right + width) * scale, (run.up + run.height) * scale, item.angle),
        ];
      });
  }
}

/** How wide letters are, about, as parts of the height of capitals: of the letters that drawings are set in, a few hundredths off. */
function wide(letters: string): number {
  let sum = 0;
  for (const letter of letters)
    sum += NARROW.test(letter) ? 0.33 : SLIM.test(letter) ? 0.46 : BROAD.test(letter) ? 1 : 0.68;
  return sum;
}

const NARROW = /[ ijlI.,:;'|!`]/;
const SLIM = /[tfr1()\-/*]/;
const BROAD = /[mwMW%@]/;

function at(centre: Point, radius: number, angle: number): Point {
  return [centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle)];
}

function turned(from: Point, right: number, up: number, angle: number): Point {
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  return [from[0] + right * cos - up * sin, from[1] + right * sin + up * cos];
}
