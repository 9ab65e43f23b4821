/** How a level was read. All lengths in m, volumes in L hot, weights in kg gross. */
export const READING_FORMS = [
  "liquidDepth",
  "fromRim",
  "belowTideMark",
  "volume",
  "potWeight",
] as const;
export type ReadingForm = (typeof READING_FORMS)[number];

/** What a taste can be short of, or too much of. */
export const TASTES = ["right", "dull", "salty", "sweet", "sharp", "hot", "thin", "thick"] as const;
export type Taste = (typeof TASTES)[number];

/** What the fork says. */
export const CHECKS = ["notYet", "nearly", "tender", "tooSoft"] as const;
export type Check = (typeof CHECKS)[number];

/** What comes round while it simmers. */
export const ROUNDS = ["skim", "stir", "look", "check"] as const;
export type Round = (typeof ROUNDS)[number];
