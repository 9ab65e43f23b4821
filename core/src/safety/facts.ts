import { dishOf, type DishOf } from "../dish/dish-of";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import type { Trace } from "../simulate/trace";
import { fitIn, type PotFit } from "../simulate/water-ways";
import type { Caution } from "./caution";

/** What a rule looks at. */
export interface Facts {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly trace: Trace;
  /** What the trace comes to as food. */
  readonly dish: DishOf;
  readonly fit: PotFit;
  readonly waterL: number;
  /** Hours of the clock, 0–24, at which the ring is lit, or would be now; null where nobody knows. */
  readonly litHour: number | null;
  /** A time was set for it; else it is judged as lit now. */
  readonly isLitTimeSet: boolean;
}

/** What the rules look at, of a plan that was simulated with this much water; when it is lit nobody knows. */
export const factsOf = (plan: Plan, kitchen: Kitchen, trace: Trace, waterL: number): Facts => ({
  plan,
  kitchen,
  trace,
  waterL,
  dish: dishOf(plan, kitchen, trace),
  fit: fitIn(vesselOf(plan, kitchen), plan, waterL),
  litHour: null,
  isLitTimeSet: false,
});

/** One hazard: gives its caution where it applies, else null. */
export interface Rule {
  readonly hazard: string;
  readonly check: (facts: Facts) => Caution | null;
}
