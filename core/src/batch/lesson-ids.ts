/** What can be practised by itself, each on a made-up pot in which one thing goes wrong. */
export const LESSON_IDS = [
  "boilsSoon",
  "flameOut",
  "tooLively",
  "forkSaysNo",
  "tooSalty",
  "weakRing",
  "coldCrock",
] as const;
export type LessonId = (typeof LESSON_IDS)[number];
