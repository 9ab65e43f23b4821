import type { Cook } from "../../batch/fold";
import type { LessonId } from "../../batch/lesson-ids";
import type { EventBody } from "../../events/event-schema";
import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";
import type { SetPot } from "../../simulate/set-pot";
import type { Said } from "../../units/said";
import type { PracticeRun, ScorePart } from "../practice-run";

/** What was done with it, and when. */
export type Entry = EventBody & { readonly atMs: number };

/** One thing that goes wrong, on a made-up pot: what to bring it to, how that is counted, what it teaches. */
export interface Lesson {
  readonly id: LessonId;
  readonly title: string;
  readonly aim: Said;
  readonly teaches: string;
  readonly plan: (kitchen: Kitchen, id: string) => Plan;
  /** What was done when it begins, put on at litMs; it begins with the last of it. Nothing: it begins on the counter. */
  readonly begun?: (setPot: SetPot, litMs: number) => readonly Entry[];
  /** When it is counted; off the heat where nothing is said. */
  readonly isOver?: (cook: Cook) => boolean;
  /** Points out of 100 in all. */
  readonly score: (run: PracticeRun) => readonly ScorePart[];
}
