import { stockYield, type StockYield } from "@kettlos/core/dish/linked";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Outcome } from "@kettlos/core/units/problem";

const known = new WeakMap<Plan, { kitchen: Kitchen; outcome: Outcome<StockYield> }>();

/** What a stored plan's stock yields; worked out once for each version of it. */
export function yieldOf(plan: Plan, kitchen: Kitchen): Outcome<StockYield> {
  const found = known.get(plan);
  if (found?.kitchen === kitchen) return found.outcome;
  const outcome = stockYield(plan, kitchen);
  known.set(plan, { kitchen, outcome });
  return outcome;
}
