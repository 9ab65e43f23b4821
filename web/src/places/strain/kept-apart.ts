import { solidsToKeepKg } from "@kettlos/core/batch/as-reckoned";
import type { Answers } from "@kettlos/core/because/answers";
import type { PotState } from "../../data/pot-state";

/** Less is nothing to serve apart, kg. */
const WORTH_KG = 0.05;

/** What is expected of solids to eat, kg; none where there is hardly any and nothing was weighed. */
export function keptApartKg({ batch, cook }: PotState, answers: Answers): number | null {
  const expectedKg = solidsToKeepKg(batch.plan, answers.trace, answers.dish.eaten);
  return expectedKg >= WORTH_KG || cook.apartKg > 0 ? expectedKg : null;
}
