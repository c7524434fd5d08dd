import type { Item, Picture } from "../../api/types";

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
  if (item.type !== "strokes") return null;
  return (
    <path
      d={item.lines.map(path).join("")}
      fill="none"
      stroke="#222b31"
      strokeWidth={item.pen.widthMm * scale}
    />
  );
}

function path(points: readonly (readonly number[])[]): string {
  return points.map(([x, y], i) => `${i === 0 ? "M" : "L"}${x} ${y}`).join("");
}
