import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Said } from "@kettlos/core/units/said";
import { backwardFrom, type BackwardOption } from "@kettlos/core/simulate/backward";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";

/** The ways back from a wanted result, or in words why there is none: a problem does not cross to another thread. */
export interface WorkedBack {
  readonly options: readonly BackwardOption[];
  readonly problem: Said | null;
}

/** Bones, water and pot for wantedCold litres strained, for every pot that can hold them. */
export function workBack(
  plan: Plan,
  kitchen: Kitchen,
  wantedCold: number,
  waterPerBone: number,
): WorkedBack {
  const outcome = outcomeOf(() => backwardFrom(resolve(plan, kitchen), wantedCold, waterPerBone));
  return outcome.ok
    ? { options: outcome.value, problem: null }
    : { options: [], problem: outcome.problem.said };
}
