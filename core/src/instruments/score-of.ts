import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import { resolve } from "../simulate/set-pot";
import { hiddenPotOf } from "./hidden-pot";
import { LESSONS } from "./lessons/lessons";
import { scorePractice, type PracticeScore } from "./practice-score";

/**
 * How a practice pot was cooked: a lesson by what it is about, any other against its plan. Null for a pot in
 * earnest, and until it is off the heat.
 */
export function scoreOf(batch: Batch, cook: Cook): PracticeScore | null {
  const pot = hiddenPotOf(batch);
  if (pot === null) return null;
  const setPot = resolve(batch.plan, batch.kitchen);
  const lesson = batch.practice?.lesson;
  if (lesson === undefined) return scorePractice(setPot, cook, pot);
  const truth = pot.wholeTrace(cook);
  if (truth === null) return null;
  const { score, otherwise } = LESSONS[lesson];
  const parts = score({ setPot, cook, pot, truth });
  return {
    points: parts.reduce((sum, p) => sum + p.points, 0),
    parts,
    hidden: otherwise === null ? [] : [otherwise],
  };
}
