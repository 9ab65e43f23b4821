/** What can be practised, in the order in which it is met: a pot as it should go, and those in which one thing goes wrong. */
export const LESSON_IDS = [
  "firstPot",
  "boilsSoon",
  "tooLively",
  "weakRing",
  "forkSaysNo",
  "tooSalty",
  "flameOut",
  "coldCrock",
  "chillingStalls",
] as const;
export type LessonId = (typeof LESSON_IDS)[number];
