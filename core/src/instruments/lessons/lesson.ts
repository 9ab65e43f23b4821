import type { LessonId } from "../../batch/lesson-ids";
import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";
import type { Said } from "../../units/said";
import type { PracticeRun, ScorePart } from "../practice-run";

/** One thing that goes wrong, on a made-up pot: what to bring it to, how that is counted, what it teaches. */
export interface Lesson {
  readonly id: LessonId;
  readonly title: string;
  readonly aim: Said;
  readonly teaches: string;
  readonly plan: (kitchen: Kitchen, id: string) => Plan;
  /** Points out of 100 in all. */
  readonly score: (run: PracticeRun) => readonly ScorePart[];
}
