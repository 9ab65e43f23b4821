import { swapped } from "../dish/swapped";
import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";

/**
 * The plan as it is really cooked: what was put in instead of something, and what nobody had planned.
 * The same plan where nothing of that happened.
 */
export function livePlan(plan: Plan, { swaps, extras }: Cook): Plan {
  if (swaps.length === 0 && extras.length === 0) return plan;
  const items = plan.items.map((item) => {
    const swap = swaps.findLast((s) => s.itemId === item.id);
    return swap === undefined ? item : swapped(item, swap.ingredientId, swap.massKg);
  });
  return { ...plan, items: [...items, ...extras] };
}
