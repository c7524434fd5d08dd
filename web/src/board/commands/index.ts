import { aims } from "./aims";
import type { Command } from "./Command";
import { dialogs } from "./dialogs";
import { ofHouse } from "./ofHouse";
import { ofSelection } from "./ofSelection";
import { ofTools } from "./ofTools";
import { placing } from "./placing";
import { takingBack } from "./takingBack";
import { views } from "./views";

/** All that is done at once. A new one is a line in the file of what it is for. */
export const COMMANDS: readonly Command[] = [
  ...ofTools,
  ...aims,
  ...placing,
  ...ofSelection,
  ...ofHouse,
  ...views,
  ...takingBack,
  ...dialogs,
];
