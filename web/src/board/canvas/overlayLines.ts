import type { ModelPoint, ScreenPoint } from "../state/view";

/** The colours and strokes of what is drawn over the drawing, in screen pixels. */
export const OCHRE = "#8a5a06";
export const OXIDE = "#9c3d2a";
export const VERDIGRIS = "#1c766a";
export const INK = "#4f5960";
export const PAPER = "#fffefb";

export interface On {
  readonly context: CanvasRenderingContext2D;
  readonly at: (p: ModelPoint) => ScreenPoint;
  readonly zoom: number;
  readonly size: { readonly width: number; readonly height: number };
}

export function line({ context }: On, a: ScreenPoint, b: ScreenPoint, colour: string, width = 1): void {
  context.strokeStyle = colour;
  context.lineWidth = width;
  context.beginPath();
  context.moveTo(a.x, a.y);
  context.lineTo(b.x, b.y);
  context.stroke();
}

export function dot({ context }: On, p: ScreenPoint, colour: string, radius = 3): void {
  context.fillStyle = colour;
  context.beginPath();
  context.arc(p.x, p.y, radius, 0, 2 * Math.PI);
  context.fill();
}

export function label({ context }: On, words: string, p: ScreenPoint, colour: string, strong: boolean): void {
  context.font = `${strong ? 600 : 400} 13px Drawing, "Drawing Fallback"`;
  context.textAlign = "center";
  context.textBaseline = "middle";
  const width = context.measureText(words).width + 8;
  context.fillStyle = PAPER;
  context.fillRect(p.x - width / 2, p.y - 9, width, 18);
  context.fillStyle = colour;
  context.fillText(words, p.x, p.y + 1);
  context.textAlign = "start";
  context.textBaseline = "alphabetic";
}
