import { useEffect, useRef, useState } from "react";
import { Button } from "../../ui/controls";

/** One clear dot: what a picture is before one is chosen. */
export const BLANK =
  "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

/** Dots each way that a picture is made smaller to: 300 to the inch on 100 mm of paper. */
const MOST_DOTS = 1200;
/** Characters of base 64 beyond which a picture is kept as a photograph is. */
const MOST_EXACT = 300_000;

interface Props {
  /** A PNG or a JPEG, as base 64. */
  readonly data: string;
  readonly onChange: (data: string) => void;
}

/** A picture chosen from the person's own files. */
export function PictureField({ data, onChange }: Props) {
  const files = useRef<HTMLInputElement>(null);
  const [saying, setSaying] = useState<string | null>(null);
  /** What else was changed while a file was read stays changed. */
  const latest = useRef(onChange);
  useEffect(() => {
    latest.current = onChange;
  });
  const take = async (file: File | undefined) => {
    if (!file) return;
    const read = await dotsOf(file);
    setSaying(read === null ? `${file.name} is no picture that can be read: a PNG or a JPEG can.` : null);
    if (read !== null) latest.current(read);
  };
  return (
    <>
      <Button className="my-1" onClick={() => files.current?.click()}>
        {data === BLANK ? "Choose a picture" : "Choose another picture"}
      </Button>
      <input
        ref={files}
        type="file"
        accept="image/png,image/jpeg"
        aria-label="File of the picture"
        className="hidden"
        onChange={(e) => {
          void take(e.target.files?.[0]);
          e.target.value = "";
        }}
      />
      {saying !== null && (
        <p role="alert" className="text-oxide">
          {saying}
        </p>
      )}
    </>
  );
}

/** A file's picture as base 64, no larger than it has to be; null where it is none. */
async function dotsOf(file: File): Promise<string | null> {
  const dots = await createImageBitmap(file).catch(() => null);
  if (dots === null) return null;
  const smaller = Math.min(1, MOST_DOTS / Math.max(dots.width, dots.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(dots.width * smaller));
  canvas.height = Math.max(1, Math.round(dots.height * smaller));
  const context = canvas.getContext("2d");
  context?.drawImage(dots, 0, 0, canvas.width, canvas.height);
  const exact = base64(canvas, "image/png");
  if (exact.length <= MOST_EXACT || !context) return exact;
  context.globalCompositeOperation = "destination-over";
  context.fillStyle = "#ffffff";
  context.fillRect(0, 0, canvas.width, canvas.height);
  return base64(canvas, "image/jpeg");
}

function base64(canvas: HTMLCanvasElement, type: string): string {
  const address = canvas.toDataURL(type, 0.85);
  return address.slice(address.indexOf(",") + 1);
}
