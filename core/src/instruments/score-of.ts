import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import { resolve, type SetPot } from "../simulate/set-pot";
import { hiddenPotOf, type HiddenPot } from "./hidden-pot";
import { hiddenWords } from "./hidden-words";
import { LESSONS } from "./lessons/lessons";
import type { PracticeRun, ScorePart } from "./practice-run";
import { practiceParts } from "./practice-score";

/** How a practice pot was cooked, out of 100, and what was hidden in it. */
export interface PracticeScore {
  readonly points: number;
  readonly parts: readonly ScorePart[];
  /** What this pot really was: how it differed from what was reckoned. */
  readonly hidden: readonly string[];
}

/** The score of a true pot; null until it is off the heat. */
export function scored(
  setPot: SetPot,
  cook: Cook,
  pot: HiddenPot,
  partsOf: (run: PracticeRun) => readonly ScorePart[] = practiceParts,
): PracticeScore | null {
  const truth = pot.wholeTrace(cook);
  if (truth === null) return null;
  const parts = partsOf({ setPot, cook, pot, truth });
  const got = parts.reduce((sum, p) => sum + p.points, 0);
  const of = parts.reduce((sum, p) => sum + p.of, 0);
  return { points: Math.round((100 * got) / of), parts, hidden: hiddenWords(pot) };
}

/** How a batch was cooked: a lesson by what it is about, any other against its plan. Null for one in earnest. */
export function scoreOf(batch: Batch, cook: Cook): PracticeScore | null {
  const pot = hiddenPotOf(batch);
  if (pot === null) return null;
  const setPot = resolve(batch.plan, batch.kitchen);
  const { lesson } = batch.practice ?? {};
  if (lesson === undefined) return scored(setPot, cook, pot);
  const { score, isOver } = LESSONS[lesson];
  return isOver?.(cook) === false ? null : scored(setPot, cook, pot, score);
}
