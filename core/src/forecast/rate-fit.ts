import { square } from "../units/whole-power";
import { requireWithin } from "../units/problem";

/** A normal belief about a rate. */
export interface RateBelief {
  readonly mean: number;
  readonly sd: number;
}

/** One observation y = rate·x + noise of sd. */
export interface RateObservation {
  readonly x: number;
  readonly y: number;
  readonly sd: number;
}

/**
 * Conjugate normal fit of a line through the origin: precision-weighted prior and observations
 * (docs/method.md, “The live pot”).
 * @throws Problem `range` where an sd is not positive
 * @example fitRate({ mean: 0.0088, sd: 0.00308 }, [{ x: 60, y: 0.45, sd: 0.1 }]).mean
 */
export function fitRate(prior: RateBelief, observations: readonly RateObservation[]): RateBelief {
  requireWithin("prior.sd", prior.sd, 1e-12, 1e12, "");
  let precision = 1 / square(prior.sd);
  let weighted = prior.mean * precision;
  for (const { x, y, sd } of observations) {
    requireWithin("sd", sd, 1e-12, 1e12, "");
    precision += square(x / sd);
    weighted += (x * y) / square(sd);
  }
  return { mean: weighted / precision, sd: 1 / Math.sqrt(precision) };
}
