import type { LessonId } from "../../batch/lesson-ids";
import type { Cook } from "../../batch/fold";
import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";
import type { SetPot } from "../../simulate/set-pot";
import type { Trace } from "../../simulate/trace";
import type { Said } from "../../units/said";
import type { HiddenPot } from "../hidden-pot";
import type { ScorePart } from "../practice-score";

/** A lesson as it was cooked. */
interface LessonRun {
  readonly setPot: SetPot;
  readonly cook: Cook;
  readonly pot: HiddenPot;
  /** Its true course, from the first heat to the end. */
  readonly truth: Trace;
}

/** One thing that goes wrong, on a made-up pot: what to bring it to, how that is counted, what it teaches. */
export interface Lesson {
  readonly id: LessonId;
  readonly title: string;
  readonly aim: Said;
  readonly teaches: string;
  /** What it had that nobody was told: "a ring that …"; null where nothing was otherwise. */
  readonly otherwise: string | null;
  readonly plan: (kitchen: Kitchen, id: string) => Plan;
  /** Points out of 100 in all. */
  readonly score: (run: LessonRun) => readonly ScorePart[];
}
