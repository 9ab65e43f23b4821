import type { SetPot } from "@kettlos/core/simulate/set-pot";
import { potMinOf } from "@kettlos/core/schedule/pot-min";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";

const known = new WeakMap<Plan, { kitchen: Kitchen; min: number }>();

/** A pot's minutes from preparing to straining, worked out once for each version of its plan. */
export function potMinutes(setPot: SetPot): number {
  const { plan, kitchen } = setPot;
  const found = known.get(plan);
  if (found?.kitchen === kitchen) return found.min;
  const min = potMinOf(setPot);
  known.set(plan, { kitchen, min });
  return min;
}
