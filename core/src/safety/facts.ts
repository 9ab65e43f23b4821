import type { SetPot } from "../simulate/set-pot";
import { dishOf, type DishOf } from "../dish/dish-of";
import { vesselOf } from "../simulate/references";
import type { Trace } from "../simulate/trace";
import { fitIn, type PotFit } from "../simulate/pot-fit";
import type { Caution } from "./caution";

/** What a rule looks at. */
export interface Facts extends SetPot {
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
export const factsOf = (setPot: SetPot, trace: Trace, waterL: number): Facts => ({
  ...setPot,
  trace,
  waterL,
  dish: dishOf(setPot, trace),
  fit: fitIn(vesselOf(setPot), setPot.start, waterL),
  litHour: null,
  isLitTimeSet: false,
});

/** One hazard: gives its caution where it applies, else null. */
export interface Rule {
  readonly hazard: string;
  readonly check: (facts: Facts) => Caution | null;
}
