/** What is learned of a kitchen, in the order it is told. */
export const LEARNED_KINDS = [
  "steam",
  "ring",
  "hot",
  "work",
  "set",
  "kept",
  "tender",
  "cooling",
  "salt",
  "body",
] as const;
export type LearnedKind = (typeof LEARNED_KINDS)[number];
