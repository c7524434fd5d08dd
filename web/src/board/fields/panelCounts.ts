/** How many panels a folding door may have. */
export const PANELS = [2, 3, 4, 5, 6, 7, 8];

/** Of one that folds in two halves. */
export const PAIRED_PANELS = [4, 6, 8];

/** The nearest number of panels that two halves can share. */
export function evenPanels(panels: number): number {
  return Math.min(8, Math.max(4, panels + (panels % 2)));
}
