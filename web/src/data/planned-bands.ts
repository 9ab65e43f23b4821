import { asPlanned } from "@kettlos/core/simulate/as-planned";
import { findVessel, resolve, type SetPot } from "@kettlos/core/simulate/set-pot";

import { heatOf } from "@kettlos/core/heats/heat";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { workMinutes, workTasks } from "@kettlos/core/schedule/work-tasks";
import { afterMinOf, startBy } from "@kettlos/core/schedule/start-by";
import type { PotStart } from "./pot-start";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";

/** A planned pot on the clock. */
export interface PlannedBand {
  readonly plan: Plan;
  readonly lightMs: number;
  readonly readyMs: number;
  /** What begins it, in few words: "light it". */
  readonly begins: string;
}

const cache = new WeakMap<Plan, { kitchen: Kitchen; totalMin: number | null }>();

/**
 * Plans that are wanted for a time still to come, with when to light the ring: as the clock has them; until
 * it is filled, each counted back by itself.
 */
export function plannedBands(
  plans: readonly Plan[],
  kitchen: Kitchen | null,
  nowMs: number,
  starts: ReadonlyMap<string, PotStart>,
): readonly PlannedBand[] {
  if (kitchen === null) return [];
  return plans.flatMap((plan) => {
    const start = starts.get(plan.id);
    const begins = heatOf(plan.heat).begin(plan.heat, findVessel(plan, kitchen)).short;
    if (start !== undefined)
      return [
        { plan, begins, lightMs: start.lightAt * MINUTE_MS, readyMs: start.readyAt * MINUTE_MS },
      ];
    const readyMs = plan.readyAt === null ? NaN : Date.parse(plan.readyAt);
    if (!(readyMs > nowMs)) return [];
    const totalMin = totalMinOf(resolve(plan, kitchen));
    if (totalMin === null) return [];
    const { lightMs } = startBy(
      readyMs,
      { expected: totalMin, high: totalMin },
      plan.prepareMin,
      workMinutes(workTasks(resolve(plan, kitchen))).afterMin + afterMinOf(plan.end),
    );
    return [{ plan, begins, lightMs, readyMs }];
  });
}

/** Works out how long a plan takes that is wanted for a time still to come, so that its band is there at once when it is asked for. */
export function reckonAhead(plan: Plan, kitchen: Kitchen, nowMs: number): void {
  if (plan.readyAt !== null && Date.parse(plan.readyAt) > nowMs) totalMinOf(resolve(plan, kitchen));
}

function totalMinOf(setPot: SetPot): number | null {
  const { plan, kitchen } = setPot;
  const known = cache.get(plan);
  if (known?.kitchen === kitchen) return known.totalMin;
  const outcome = outcomeOf(() => asPlanned(setPot).trace.totalMin);
  const totalMin = outcome.ok ? outcome.value : null;
  cache.set(plan, { kitchen, totalMin });
  return totalMin;
}
