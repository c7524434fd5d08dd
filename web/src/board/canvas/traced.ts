import { answerOf, api } from "../../api/client";
import type { Catch, Group, Item, Segment } from "../../api/types";
import { imageAt } from "./images";

type Traced = Extract<Item, { type: "traced" }>;

/** Lines of pages to trace from. A file never changes, so each is read once. */
const lines = new Map<string, readonly Segment[] | null>();

const keyOf = (file: string, page: number) => `${file}/pages/${page}`;

/** The picture of a page; null until it has come. */
export function pageImage(file: string, page: number): HTMLImageElement | null {
  return imageAt(`/api/v1/files/${keyOf(file, page)}/picture.png`);
}

/**
 * The lines of all pages shown that can be caught: those a PDF draws. Pictures have none.
 * @param come is called once lines that are still on their way have come
 */
export function tracedLines(groups: Iterable<Group>, come?: () => void): Catch[] {
  const found: Catch[] = [];
  for (const group of groups)
    for (const item of group.items) if (item.type === "traced") found.push(...linesOf(item, come));
  return found;
}

function linesOf(item: Traced, come?: () => void): Catch[] {
  const key = keyOf(item.file, item.page);
  const known = lines.get(key);
  if (known === undefined) void read(item, key).then(come);
  return (known ?? []).map((s) => laid(item, s));
}

async function read({ file, page }: Traced, key: string): Promise<void> {
  lines.set(key, null);
  const path = { file, page };
  const [all, segments] = await Promise.all([
    answerOf(api.GET("/api/v1/files/{file}", { params: { path: { file } } })),
    answerOf(api.GET("/api/v1/files/{file}/pages/{page}/lines", { params: { path } })),
  ]).catch(() => [null, []] as const);
  const size = all?.pages[page - 1];
  lines.set(
    key,
    size
      ? segments.map(({ from, to }) => ({
          from: [from[0] / size.widthMm, from[1] / size.heightMm],
          to: [to[0] / size.widthMm, to[1] / size.heightMm],
        }))
      : [],
  );
}

/** A line of a page, given in parts of its width and height, as it lies in the plan. */
function laid(item: Traced, { from, to }: Segment): Catch {
  const a = place(item, from);
  return { words: "line of the PDF", hold: { type: "atPoint", at: a }, from: a, to: place(item, to) };
}

function place(item: Traced, [right, up]: readonly [number, number]): [number, number] {
  const x = right * item.widthMm;
  const y = up * item.heightMm;
  const cos = Math.cos(item.angle);
  const sin = Math.sin(item.angle);
  return [item.at[0] + x * cos - y * sin, item.at[1] + x * sin + y * cos];
}
