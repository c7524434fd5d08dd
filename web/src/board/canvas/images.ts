/** Pictures of dots by their addresses. What an address leads to never changes, so each is read once. */
const images = new Map<string, HTMLImageElement | null>();
const waiting = new Set<() => void>();
let come = 0;

/** How many have come so far. */
export function imagesCome(): number {
  return come;
}

/** Hears when one has come. */
export function onImage(hear: () => void): () => void {
  waiting.add(hear);
  return () => waiting.delete(hear);
}

/** The picture at an address; null until it has come. */
export function imageAt(address: string): HTMLImageElement | null {
  const known = images.get(address);
  if (known !== undefined) return known;
  images.set(address, null);
  const image = new Image();
  image.onload = () => {
    images.set(address, image);
    come++;
    for (const hear of waiting) hear();
  };
  image.src = address;
  return null;
}
