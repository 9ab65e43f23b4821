import { asPlanned } from "../simulate/as-planned";
import { resolve, type SetPot } from "../simulate/set-pot";
import type { Allergen } from "../ingredient/ingredient";
import type { Kitchen } from "../simulate/kitchen-schema";
import { nameOf, targetOfItem, valuesOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { outcomeOf, type Outcome } from "../units/problem";
import { bodyOfPlan } from "./body-of";
import { fatOf } from "./fat-of";
import { saltInG } from "./salt-of";
import { SUBSTITUTES } from "./substitutes";
import { swapped } from "./swapped";

/** What a swap changes in the pot; each with its sign. */
export interface SwapChange {
  readonly liquidL: number;
  readonly saltG: number;
  readonly fatG: number;
  /** Thickness, g flour/L. */
  readonly flourGL: number;
  /** Cook value it asks for against the one before, min at 100 °C; null where neither is judged. */
  readonly cookMin: number | null;
  readonly allergensIn: readonly Allergen[];
  readonly allergensOut: readonly Allergen[];
}

export interface Swap {
  readonly ingredientId: string;
  readonly name: string;
  readonly massKg: number;
  /** The plan with it; null where that pot cannot be worked out. */
  readonly plan: Plan;
  readonly change: Outcome<SwapChange>;
}

/** What could stand in for an ingredient of a plan, and what each would change, one simulation each. */
export function swapsFor(plan: Plan, itemId: string, kitchen: Kitchen): readonly Swap[] {
  const item = plan.items.find((i) => i.id === itemId);
  if (item === undefined) return [];
  const before = outcomeOf(() => factsOf(resolve(plan, kitchen)));
  return (SUBSTITUTES[item.ingredientId] ?? []).map(({ ingredientId, per }) => {
    const next = swapped(item, ingredientId, item.massKg * per);
    const after = {
      ...plan,
      items: plan.items.map((i) => (i.id === itemId ? next : i)),
    };
    return {
      ingredientId,
      name: nameOf(next),
      massKg: next.massKg,
      plan: after,
      change: outcomeOf(() => {
        if (!before.ok) throw before.problem;
        return changeOf(before.value, factsOf(resolve(after, kitchen)), item, next);
      }),
    };
  });
}

function factsOf(setPot: SetPot) {
  const { plan } = setPot;
  const trace = asPlanned(setPot).trace;
  return {
    liquidL: trace.strained.volumeL,
    saltG: saltInG(plan, trace),
    fatG: fatOf(plan, trace, null).allG,
    flourGL: bodyOfPlan(plan, trace).flourGL,
  };
}

type Facts = ReturnType<typeof factsOf>;

function changeOf(before: Facts, after: Facts, old: PlanItem, next: PlanItem): SwapChange {
  const had = valuesOf(old).allergens;
  const has = valuesOf(next).allergens;
  const was = targetOfItem(old)?.ideal.value ?? null;
  const is = targetOfItem(next)?.ideal.value ?? null;
  return {
    liquidL: after.liquidL - before.liquidL,
    saltG: after.saltG - before.saltG,
    fatG: after.fatG - before.fatG,
    flourGL: after.flourGL - before.flourGL,
    cookMin: was === null && is === null ? null : (is ?? 0) - (was ?? 0),
    allergensIn: has.filter((a) => !had.includes(a)),
    allergensOut: had.filter((a) => !has.includes(a)),
  };
}
