import { swapped } from "../dish/swapped";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import type { Cook } from "./fold";

/** Less than this is nothing left to keep apart, kg. */
const LEAST_KG = 0.0005;

/**
 * The plan as it is really cooked: what was put in instead of something, what was split, what was left
 * out, and what nobody had planned. The same plan where nothing of that happened.
 */
export function livePlan(plan: Plan, cook: Cook): Plan {
  const { swaps, extras, splits, leftOut } = cook;
  if (swaps.length + extras.length + splits.length + leftOut.size === 0) return plan;
  let items: PlanItem[] = [...plan.items, ...extras].map((item) => {
    const swap = swaps.findLast((s) => s.itemId === item.id);
    return swap === undefined ? item : swapped(item, swap.ingredientId, swap.massKg);
  });
  for (const { itemId, intoId, massKg } of splits)
    items = items.flatMap((item) => {
      if (item.id !== itemId || item.massKg - massKg < LEAST_KG) return [item];
      const { counted: _counted, ...rest } = item;
      return [
        { ...rest, massKg: item.massKg - massKg },
        { ...rest, id: intoId, massKg },
      ];
    });
  return {
    ...plan,
    items: items.filter((i) => !leftOut.has(i.id) || cook.addedItems.has(i.id)),
  };
}
