import { type PointerEvent, useEffect, useRef, useState } from "react";
import type { ComparedSheet } from "../../api/types";
import { clear, paint } from "../canvas/paint";
import { useBoard } from "../state/context";
import { paperOf } from "../state/papers";
import { panned, type View, zoomedAbout } from "../state/view";

const SIZE = { width: 660, height: 500 };

/** A compared sheet, to zoom with the wheel and to shift by dragging. */
export function ComparedPicture({ sheet }: { readonly sheet: ComparedSheet }) {
  const papers = useBoard((s) => s.papers);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height } = paperOf({ papers }, sheet.paper) ?? { width: 1, height: 1 };
  const [view, setView] = useState<View>({
    centre: { x: width / 2, y: height / 2 },
    zoom: Math.min(SIZE.width / width, SIZE.height / height),
  });
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const ratio = window.devicePixelRatio;
    const on = { context, view, size: SIZE, ratio, scale: 1, hairlines: false };
    clear(on);
    paint(on, sheet.picture.groups, "plain");
  }, [sheet, view]);
  useEffect(() => {
    const element = canvas.current;
    const wheel = (e: WheelEvent) => {
      e.preventDefault();
      const at = { x: e.offsetX, y: e.offsetY };
      setView((v) => zoomedAbout(at, 1.0015 ** -e.deltaY, v, SIZE));
    };
    element?.addEventListener("wheel", wheel, { passive: false });
    return () => element?.removeEventListener("wheel", wheel);
  }, []);
  const shift = (e: PointerEvent) => {
    if (e.buttons !== 0) setView((v) => panned(e.movementX, e.movementY, v));
  };
  const ratio = window.devicePixelRatio;
  return (
    <canvas
      ref={canvas}
      aria-label={`Sheet ${sheet.number} compared`}
      width={SIZE.width * ratio}
      height={SIZE.height * ratio}
      style={SIZE}
      className="shrink-0 cursor-grab touch-none border border-rule"
      onPointerMove={shift}
    />
  );
}
