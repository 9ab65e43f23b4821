import { ingredientOf, valuesOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";

/** Fat of a pot, g. */
export interface FatOf {
  /** All that is in it, in the meat and on the liquid. */
  readonly allG: number;
  /** What floats and can be lifted off. */
  readonly floatsG: number;
  /** What is eaten: less what is lifted or skimmed. */
  readonly eatenG: number;
  readonly portionG: number | null;
}

/** Fat that is eaten: what is in the food, less what the plan skims hot or, of a stock, lifts cold. */
export function fatOf(plan: Plan, trace: Trace, portions: number | null): FatOf {
  const inFoodG = plan.items
    .filter((i) => ingredientOf(i).group !== "bones")
    .reduce((sum, i) => sum + i.massKg * valuesOf(i).fatGKg, 0);
  const floatsG = trace.strained.fatKg * 1000;
  const allG = plan.end === "strained" ? floatsG : Math.max(inFoodG, floatsG);
  // Nothing can be lifted cold from what is eaten hot.
  const isKept = plan.fat === "keep" || (plan.end === "served" && plan.fat !== "skimHot");
  const eatenG = isKept ? allG : Math.max(0, allG - floatsG);
  return {
    allG,
    floatsG,
    eatenG,
    portionG: portions === null || portions <= 0 ? null : eatenG / portions,
  };
}
