import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { simulate } from "@kettlos/core/simulate/simulate";
import { coldWaterKg, waterL } from "@kettlos/core/simulate/water-ways";
import { outcomeOf } from "@kettlos/core/units/problem";
import { afterMinOf } from "@kettlos/core/schedule/start-by";

const known = new WeakMap<Plan, { kitchen: Kitchen; min: number }>();

/** From beginning to prepare a pot to having it strained, min; worked out once for each version of the plan. */
export function potMinOf(plan: Plan, kitchen: Kitchen | null): number {
  if (kitchen === null) return 0;
  const found = known.get(plan);
  if (found?.kitchen === kitchen) return found.min;
  const pot = outcomeOf(
    () =>
      simulate(plan, kitchen, { waterKg: coldWaterKg(waterL(plan, kitchen), kitchen) }).totalMin,
  );
  const min = (pot.ok ? pot.value : 0) + plan.prepareMin + afterMinOf(plan.end);
  known.set(plan, { kitchen, min });
  return min;
}
