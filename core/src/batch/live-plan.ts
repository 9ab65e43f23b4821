import { asPlanned } from "../simulate/as-planned";
import { resolve, type SetPot } from "../simulate/set-pot";
import { swapped } from "../dish/swapped";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { outcomeOf, type Problem } from "../units/problem";
import type { Cook } from "./fold";

/** Less than this is nothing left to keep apart, kg. */
const LEAST_KG = 0.0005;

/**
 * The plan as it is really cooked: what was put in instead of something, what was split, what was left
 * out, and what nobody had planned. The same plan where nothing of that happened.
 */
export function livePlan(plan: Plan, cook: Cook): Plan {
  const { swaps, extras, splits, leftOut } = cook;
  const leftWork = cook.works.filter((w) => w.saidMs.left.length > 0);
  if (swaps.length + extras.length + splits.length + leftOut.size + leftWork.length === 0)
    return plan;
  let items: PlanItem[] = [...plan.items, ...extras].map((item) => {
    const swap = swaps.findLast((s) => s.itemId === item.id);
    const taken = swap === undefined ? item : swapped(item, swap.ingredientId, swap.massKg);
    return leftWork.reduce(
      (rest, work) => (work.itemId === item.id ? withoutWork(rest, work.kind) : rest),
      taken,
    );
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

/** An ingredient of which a piece of work was left out: as it then goes in. */
function withoutWork(item: PlanItem, kind: string): PlanItem {
  return {
    ...item,
    work: item.work.filter((w) => w.kind !== kind),
    ...(kind === "roast" || kind === "blanch" ? { boneState: "raw" as const } : {}),
    ...(kind === "boilHard" ? { boiledMin: 0 } : {}),
    ...(kind === "thaw" ? { frozen: true } : {}),
  };
}

/** The plan that a pot is reckoned by, and what keeps it from being the one that is really cooked. */
export interface CookedPlan {
  readonly plan: Plan;
  readonly problem: Problem | null;
}

/**
 * The plan as it is really cooked, where that can be reckoned at all; else the plan as it was written,
 * which could, with the problem.
 */
export function cookedPlan({ plan: written, kitchen }: SetPot, cook: Cook): CookedPlan {
  const plan = livePlan(written, cook);
  if (plan === written) return { plan, problem: null };
  const outcome = outcomeOf(() => asPlanned(resolve(plan, kitchen)));
  return outcome.ok ? { plan, problem: null } : { plan: written, problem: outcome.problem };
}
