import type { LessonId } from "../../batch/lesson-ids";
import { boilsSoon } from "./boils-soon";
import { chillingStalls } from "./chilling-stalls";
import { coldCrock } from "./cold-crock";
import { firstPot } from "./first-pot";
import { flameOut } from "./flame-out";
import { forkSaysNo } from "./fork-says-no";
import type { Lesson } from "./lesson";
import { tooLively } from "./too-lively";
import { tooSalty } from "./too-salty";
import { weakRing } from "./weak-ring";

/** All of them. */
export const LESSONS: Readonly<Record<LessonId, Lesson>> = {
  firstPot,
  boilsSoon,
  tooLively,
  weakRing,
  forkSaysNo,
  tooSalty,
  flameOut,
  coldCrock,
  chillingStalls,
};
