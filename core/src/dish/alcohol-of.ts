import { alcoholG } from "../seasoning/alcohol";
import { ingredientOf, valuesOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { goesInAfter } from "./eaten";

/** Alcohol of a pot, g. */
export interface AlcoholOf {
  readonly inG: number;
  readonly leftG: number;
  /** The most that may be left: what those who avoid it go by. */
  readonly mostG: number;
  readonly keptShare: number;
  readonly mostShare: number;
  readonly portionMostG: number | null;
}

/** What is left of the alcohol that goes in; null where none does. */
export function alcoholOf(plan: Plan, trace: Trace, portions: number | null): AlcoholOf | null {
  const gOf = (i: Plan["items"][number]) =>
    alcoholG(i.massKg / ingredientOf(i).densityKgL.value, valuesOf(i).alcoholShare);
  const inG = plan.items.reduce((sum, i) => sum + gOf(i), 0);
  if (inG <= 0) return null;
  const laterG = plan.items.filter(goesInAfter).reduce((sum, i) => sum + gOf(i), 0);
  const leftG = trace.strained.alcoholG + laterG;
  const mostG = trace.strained.alcoholMostG + laterG;
  return {
    inG,
    leftG,
    mostG,
    keptShare: leftG / inG,
    mostShare: mostG / inG,
    portionMostG: portions === null || portions <= 0 ? null : mostG / portions,
  };
}
