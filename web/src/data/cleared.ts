import type { PlanItem } from "@kettlos/core/simulate/plan-schema";

/** A change that takes facts off an ingredient again. */
export const cleared = (...keys: readonly (keyof PlanItem)[]): Partial<PlanItem> =>
  Object.fromEntries(keys.map((key) => [key, undefined]));
