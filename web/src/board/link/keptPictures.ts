import type { Group } from "../../api/types";

/** A drawing as it was shown at a revision. */
export interface KeptPicture {
  readonly groups: ReadonlyMap<string, Group>;
  readonly scale: number;
  readonly revision: number;
}

/** How many drawings one goes back to without asking. */
const MOST = 8;

/** The drawings shown last: one that is gone back to before anything has changed need not be asked for. */
export class KeptPictures {
  private readonly kept = new Map<string, KeptPicture>();

  /** The oldest goes. */
  keep(drawing: string, picture: KeptPicture): void {
    this.kept.delete(drawing);
    this.kept.set(drawing, picture);
    const [oldest] = this.kept.keys();
    if (this.kept.size > MOST && oldest !== undefined) this.kept.delete(oldest);
  }

  at(drawing: string, revision: number): KeptPicture | undefined {
    const known = this.kept.get(drawing);
    return known?.revision === revision ? known : undefined;
  }
}
