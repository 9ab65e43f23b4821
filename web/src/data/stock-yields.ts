import type { SetPot } from "@kettlos/core/simulate/set-pot";
import { stockYield, type StockYield } from "@kettlos/core/dish/linked";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Outcome } from "@kettlos/core/units/problem";

const known = new WeakMap<Plan, { kitchen: Kitchen; outcome: Outcome<StockYield> }>();

/** What a stored plan's stock yields; worked out once for each version of it. */
export function yieldOf(setPot: SetPot): Outcome<StockYield> {
  const { plan, kitchen } = setPot;
  const found = known.get(plan);
  if (found?.kitchen === kitchen) return found.outcome;
  const outcome = stockYield(setPot);
  known.set(plan, { kitchen, outcome });
  return outcome;
}
