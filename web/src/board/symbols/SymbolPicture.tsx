import { useEffect, useState } from "react";
import { answerOf, api } from "../../api/client";
import type { Picture, StockSymbol } from "../../api/types";
import { PictureSvg } from "../buildups/PictureSvg";
import { useBoard } from "../state/context";

interface Props {
  readonly symbol: StockSymbol;
  readonly widthMm: number;
  readonly depthMm: number;
}

/** A symbol as it is drawn at a size; null until the server has drawn it, or where it cannot be drawn. */
export function useSymbolPicture(symbol: StockSymbol, widthMm: number, depthMm: number): Picture | null {
  const project = useBoard((s) => s.project);
  const [picture, setPicture] = useState<Picture | null>(null);
  useEffect(() => {
    let current = true;
    const named = symbol.name.trim() === "" ? { ...symbol, name: "Unnamed" } : symbol;
    void answerOf(
      api.POST("/api/v1/projects/{project}/symbols/look", {
        params: { path: { project } },
        body: { symbol: named, widthMm, depthMm },
      }),
    ).then(
      (p) => current && setPicture(p),
      () => current && setPicture(null),
    );
    return () => {
      current = false;
    };
  }, [project, symbol, widthMm, depthMm]);
  return picture;
}

/** A symbol as it is drawn at a size, its back along the top. */
export function SymbolPicture({ symbol, widthMm, depthMm }: Props) {
  const picture = useSymbolPicture(symbol, widthMm, depthMm);
  if (!picture) return <div className="h-32" />;
  const air = Math.max(widthMm, depthMm) * 0.04;
  return (
    <svg
      role="img"
      aria-label={symbol.name}
      className="my-2 h-32 w-full rounded bg-paper"
      viewBox={`${-air} ${-air} ${widthMm + 2 * air} ${depthMm + 2 * air}`}
    >
      <PictureSvg picture={picture} />
    </svg>
  );
}
