import { exp, ln } from "../units/same-math";
import { kitchenEstimate } from "../units/constant";
import { Z90 } from "../units/estimate";
import { normal } from "../units/random";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";

/** How long something takes, min: one time in ten no longer, half the time, nine in ten. */
export interface Spread3 {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** By how much a cook's work differs from what it usually takes. */
const WORK_SIGMA = kitchenEstimate(
  "minutes of work from one time to the next",
  0.2,
  "of the logarithm",
  "a cook with a watch, until your own is known",
);

/** Minutes that do not differ. */
export const exactly = (min: number): Spread3 => ({ p10: min, p50: min, p90: min });

/** Minutes of work by hand. */
export const about = (min: number): Spread3 => ({
  p10: min * exp(-Z90 * WORK_SIGMA.value),
  p50: min,
  p90: min * exp(Z90 * WORK_SIGMA.value),
});

/** Whole minutes that are planned with: half the time it takes no longer. */
export const plannedMin = ({ p50 }: Spread3): number => Math.max(1, Math.round(p50));

/** A draw: log-normal, the longer side as wide as P90 says and the shorter as P10 does. */
export function drawnMin({ p10, p50, p90 }: Spread3, random: RandomGenerator): number {
  if (p50 <= 0 || p90 <= p10) return plannedMin({ p10, p50, p90 });
  const z = normal(random);
  const edge = z < 0 ? p50 / Math.max(p10, p50 * 1e-3) : p90 / p50;
  return Math.max(1, Math.round(p50 * exp((z / Z90) * ln(Math.max(1, edge)))));
}
