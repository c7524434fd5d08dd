import { type DragEvent, type PointerEvent, useEffect, useRef } from "react";
import type { End } from "../../api/types";
import { onImage } from "../canvas/images";
import { Redraw } from "../canvas/redraw";
import { CATCHING } from "../catch/catching";
import { gripAt } from "../catch/grips";
import { spaceHeld } from "../hands/keys";
import { useBoard, useBoardTools } from "../state/context";
import { type BoardState, canShift } from "../state/state";
import { panned, type ScreenPoint, toModel, zoomedAbout } from "../state/view";
import { titleOf } from "../things";
import { HiddenOrLocked } from "./HiddenOrLocked";
import { NoteInPlace } from "./NoteInPlace";
import { PointerWords } from "./PointerWords";
import { ThingMenu } from "./ThingMenu";

const DRAG_PX = 4;

interface Held {
  readonly from: ScreenPoint;
  readonly button: number;
  /** What moving the pointer does while it is held down. */
  readonly does: "shift view" | "drag" | "box";
  readonly end: End | null;
  moved: boolean;
}

const GRIP_PX = 8;

/** On a sheet of now, whole drawings are picked and placed. */
const onSheet = ({ tool, version, shown }: BoardState) =>
  tool.name === "select" && !version && shown?.kind === "sheet";

/** The drawing surface: a canvas with pan, zoom about the pointer, and picking. Its figures are as wide as the drawing face has them. */
export function DrawingBoard() {
  const { store, sync, actions } = useBoardTools();
  const canvas = useRef<HTMLCanvasElement>(null);
  const held = useRef<Held | null>(null);

  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    let frame = 0;
    const later = () => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => redraw.draw(store.getState()));
    };
    const redraw = new Redraw(element, later);
    const measure = new ResizeObserver(() => {
      store.setState({ size: { width: element.clientWidth, height: element.clientHeight } });
    });
    measure.observe(element);
    const stop = store.subscribe(later);
    const stopHearing = onImage(later);
    Promise.all(["400 12px Drawing", "600 12px Drawing"].map((f) => document.fonts.load(f))).then(
      later,
      later,
    );
    const wheel = (e: WheelEvent) => {
      e.preventDefault();
      const { view, size } = store.getState();
      store.setState({ view: zoomedAbout(place(e), 1.0015 ** -e.deltaY, view, size) });
      sync.views.keep();
    };
    element.addEventListener("wheel", wheel, { passive: false });
    void sync.load();
    return () => {
      measure.disconnect();
      stop();
      stopHearing();
      cancelAnimationFrame(frame);
      element.removeEventListener("wheel", wheel);
    };
  }, [store, sync]);

  const model = (at: ScreenPoint) => {
    const { view, size } = store.getState();
    return toModel(at, view, size);
  };

  /** On a drawing with nothing active, the first button drags what is selected or draws a box. */
  const holding = (from: ScreenPoint, button: number): Pick<Held, "does" | "end"> => {
    const state = store.getState();
    const works = state.tool.name === "select" && !state.version && state.shown?.kind === "drawing";
    if (onSheet(state) && button === 0 && !spaceHeld() && actions.selection.isOnSelection(model(from)))
      return { does: "drag", end: null };
    if (button !== 0 || !works || spaceHeld()) return { does: "shift view", end: null };
    const end = gripAt(state, model(from), GRIP_PX / state.view.zoom);
    const drags = end !== null || (canShift(state) && actions.selection.isOnSelection(model(from)));
    return { does: drags ? "drag" : "box", end };
  };

  const down = (e: PointerEvent<HTMLCanvasElement>) => {
    e.currentTarget.setPointerCapture(e.pointerId);
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    const from = place(e.nativeEvent);
    held.current = { from, button: e.button, moved: false, ...holding(from, e.button) };
  };

  const move = (e: PointerEvent<HTMLCanvasElement>) => {
    const at = place(e.nativeEvent);
    const h = held.current;
    if (h && !h.moved && Math.hypot(at.x - h.from.x, at.y - h.from.y) > DRAG_PX) {
      h.moved = true;
      if (h.does === "drag") actions.startDrag(model(h.from), h.end);
      if (h.does === "box")
        actions.selection.startBox(model(h.from), actions.selection.isOnAnything(model(h.from)));
    }
    if (h?.moved && h.does === "shift view")
      store.setState({ view: panned(e.movementX, e.movementY, store.getState().view) });
    else if (h?.moved && h.does === "box") actions.selection.stretchBox(model(at));
    else actions.pointAt(model(at));
  };

  const up = (e: PointerEvent<HTMLCanvasElement>) => {
    const h = held.current;
    const at = place(e.nativeEvent);
    held.current = null;
    if (!h) return;
    if (h.moved && h.does === "drag") void actions.endDrag();
    else if (h.moved && h.does === "box") actions.selection.endBox(e.shiftKey);
    else if (h.moved) sync.views.keep();
    else if (h.button === 0) void actions.click(model(at), e.shiftKey);
    else if (h.button === 2) void actions.offer(at, model(at));
  };

  /** A drawing is brought from the register over the sheet it is to stand on. */
  const dragged = (e: DragEvent<HTMLCanvasElement>) => {
    if (store.getState().tool.name !== "place") return;
    e.preventDefault();
    actions.pointAt(model(place(e.nativeEvent)));
  };

  const dropped = (e: DragEvent<HTMLCanvasElement>) => {
    e.preventDefault();
    if (store.getState().tool.name === "place") void actions.click(model(place(e.nativeEvent)), false);
  };

  return (
    <>
      <canvas
        ref={canvas}
        data-testid="board"
        aria-label="Drawing"
        tabIndex={0}
        className="absolute inset-0 size-full touch-none cursor-crosshair normal-nums"
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onDragOver={dragged}
        onDrop={dropped}
        onDoubleClick={() => actions.openPicked()}
        onPointerLeave={() => actions.leave()}
        onContextMenu={(e) => e.preventDefault()}
      />
      <ThingMenu />
      <PointerWords />
      <NoteInPlace />
      <Selected />
      <HiddenOrLocked />
      <ViewButtons />
    </>
  );
}

/** Says what is selected to those who step through the board by keys. */
function Selected() {
  const words = useBoard((s) => {
    const [id] = s.selection;
    const thing = id === undefined || s.selection.length > 1 ? undefined : s.elements.get(id);
    return s.selection.length > 1 ? `${s.selection.length} things selected` : thing && titleOf(s, thing);
  });
  return (
    <p aria-live="polite" className="sr-only">
      {words}
    </p>
  );
}

function place(e: MouseEvent): ScreenPoint {
  const box = (e.target as HTMLElement).getBoundingClientRect();
  return { x: e.clientX - box.left, y: e.clientY - box.top };
}

function ViewButtons() {
  const { store, sync, actions } = useBoardTools();
  const hairlines = useBoard((s) => s.hairlines);
  const selected = useBoard((s) => s.selection.length > 0);
  const canGoBack = useBoard((s) => s.earlierViews.length > 0);
  const catching = useBoard((s) => CATCHING.find(([c]) => c === s.catching)?.[1]);
  const button = "px-2 py-1 hover:bg-lime-2 disabled:text-ink-3 disabled:hover:bg-transparent";
  return (
    <div className="absolute right-3 bottom-3 flex divide-x divide-rule overflow-hidden rounded border border-rule bg-lime/95 text-ink-2">
      <button
        type="button"
        className={button}
        title="What the pointer holds to first (Shift E)"
        onClick={() => actions.nextCatching()}
      >
        Holds to {catching}
      </button>
      <button type="button" className={button} title="Home" onClick={() => sync.views.zoomToAll()}>
        See all
      </button>
      <button
        type="button"
        className={button}
        title="End"
        disabled={!selected}
        onClick={() => sync.views.zoomToSelection()}
      >
        See selected
      </button>
      <button
        type="button"
        className={button}
        title="Page up"
        disabled={!canGoBack}
        onClick={() => sync.views.back()}
      >
        Last view
      </button>
      <button
        type="button"
        aria-pressed={hairlines}
        className={`${button} aria-pressed:bg-ink aria-pressed:text-paper`}
        onClick={() => store.setState({ hairlines: !hairlines })}
      >
        Hairlines
      </button>
    </div>
  );
}
