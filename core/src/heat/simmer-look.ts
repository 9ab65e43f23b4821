import type { Vigour } from "./constants";

/** What each simmer looks like. */
export const SIMMER_LOOK: Readonly<Record<Vigour, string>> = {
  bare: "Bare simmer: single beads come up.",
  gentle: "Gentle simmer: strings of beads.",
  steady: "Steady simmer: the surface trembles all over.",
  rolling: "Rolling boil: it turns over and stays so when stirred.",
};
