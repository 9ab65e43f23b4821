import { ingredientOf, isLoose } from "./item-facts";
import type { Out, Plan, PlanItem } from "./plan-schema";

/** Whether all of it goes through a sieve before it is strained at the end. */
export const isStrainedBetween = ({ then }: Plan): boolean => then.some((s) => s.isStrained);

/**
 * When something comes out: as is said of it, or with what stays in the sieve as a stretch begins that is
 * strained first. Undefined where it stays in. What goes in so long before the end is in no sieve but the last.
 */
export function outOf(item: PlanItem, plan: Plan): Out | undefined {
  if (item.out !== undefined || !isStrainedBetween(plan) || isLoose(ingredientOf(item)))
    return item.out;
  const sieve = plan.then.find((s, i) => s.isStrained && i >= inFrom(item, plan));
  return sieve === undefined
    ? undefined
    : { when: { at: "stretch", stretchId: sieve.id }, isBack: false };
}

/** The first later stretch by which it is in; none where it goes in by the end or after it. */
function inFrom({ when }: PlanItem, plan: Plan): number {
  switch (when.at) {
    case "start":
    case "after":
    case "whenTender":
      return 0;
    case "stretch":
      return plan.then.findIndex((s) => s.id === when.stretchId) + 1;
    default:
      return Infinity;
  }
}
