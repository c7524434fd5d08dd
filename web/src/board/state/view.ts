/** A point of the drawing, in its millimetres, y up. */
export interface ModelPoint {
  readonly x: number;
  readonly y: number;
  readonly space?: "model";
}
/** A point of the board, in CSS pixels, y down. */
export interface ScreenPoint {
  readonly x: number;
  readonly y: number;
  readonly space?: "screen";
}
export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}
/** Where the board looks: the model point at its middle, and pixels to the millimetre. */
export interface View {
  readonly centre: ModelPoint;
  readonly zoom: number;
}
export interface Size {
  readonly width: number;
  readonly height: number;
}

const LEAST_ZOOM = 1e-4;
const MOST_ZOOM = 200;

export function toScreen(p: ModelPoint, view: View, size: Size): ScreenPoint {
  return {
    x: size.width / 2 + (p.x - view.centre.x) * view.zoom,
    y: size.height / 2 - (p.y - view.centre.y) * view.zoom,
  };
}

export function toModel(p: ScreenPoint, view: View, size: Size): ModelPoint {
  return {
    x: view.centre.x + (p.x - size.width / 2) / view.zoom,
    y: view.centre.y - (p.y - size.height / 2) / view.zoom,
  };
}

/** Zooms by a factor and keeps the model point under the pointer where it is. */
export function zoomedAbout(pointer: ScreenPoint, factor: number, view: View, size: Size): View {
  const zoom = Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, view.zoom * factor));
  const held = toModel(pointer, view, size);
  return {
    zoom,
    centre: {
      x: held.x - (pointer.x - size.width / 2) / zoom,
      y: held.y + (pointer.y - size.height / 2) / zoom,
    },
  };
}

export function panned(dx: number, dy: number, view: View): View {
  return { ...view, centre: { x: view.centre.x - dx / view.zoom, y: view.centre.y + dy / view.zoom } };
}

/** The view that shows a box with a little room round it. */
export function fitting(box: Box, size: Size): View {
  const width = Math.max(box.maxX - box.minX, 1);
  const height = Math.max(box.maxY - box.minY, 1);
  const zoom = Math.min((size.width * 0.88) / width, (size.height * 0.88) / height);
  return {
    centre: { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 },
    zoom: Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, zoom)),
  };
}
