import type { Item, Picture } from "../../api/types";
import { hatchLines, waveLine } from "../canvas/hatches";

/** A picture's lines and fills as part of an SVG in the picture's own millimetres, y up. */
export function PictureSvg({ picture }: { readonly picture: Picture }) {
  const items = picture.groups.flatMap((g) => g.items);
  return (
    <g transform="scale(1 -1)">
      {items.map((item, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a picture is drawn anew as a whole
        <Drawn key={i} item={item} scale={picture.scale} />
      ))}
    </g>
  );
}

function Drawn({ item, scale }: { readonly item: Item; readonly scale: number }) {
  if (item.type === "fill") return <path d={`${path(item.ring)}Z`} fill={item.tint} />;
  if (item.type === "arc" || item.type === "text" || item.type === "image" || item.type === "traced")
    return null;
  const lines =
    item.type === "hatch" ? hatchLines(item) : item.type === "wave" ? [waveLine(item)] : item.lines;
  return (
    <path
      d={lines.map(path).join("")}
      fill="none"
      stroke={item.pen.ink || "#222b31"}
      strokeWidth={item.pen.widthMm * scale}
    />
  );
}

function path(points: readonly (readonly number[])[]): string {
  return points.map(([x, y], i) => `${i === 0 ? "M" : "L"}${x} ${y}`).join("");
}
