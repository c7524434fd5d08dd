import type { ComponentType, ReactNode } from "react";
import type { Element } from "../../api/types";
import type { Elements } from "../state/state";

/** A kind of element as it is met on the page: what it is called, and its facts. */
export interface ThingOf<T extends Element> {
  /** As a drafter would ask for it. */
  readonly title: (thing: T, state: Elements) => string;
  readonly words: string | ((thing: T) => ReactNode);
  readonly Facts: ComponentType<{ readonly thing: T }>;
  /** Whether it is selected along with others: all alike, hidden or locked for now. */
  readonly many?: boolean;
  /** Whether it is deleted from where it is shown. */
  readonly goes?: boolean;
}
