import { Z90 } from "../units/estimate";
import type { RateBelief } from "./rate-fit";

/** Times, min, at which a level is reached: P10, P50, P90. Infinity where it may never be. */
export interface TimeRange {
  readonly low: number;
  readonly expected: number;
  readonly high: number;
}

/**
 * Minutes from the start until targetL is left of startL at a steady rate, L/min.
 */
export function timeToTarget(startL: number, targetL: number, rate: RateBelief): TimeRange {
  const at = (r: number) => (r > 0 ? (startL - targetL) / r : Infinity);
  return {
    low: at(rate.mean + Z90 * rate.sd),
    expected: at(rate.mean),
    high: at(rate.mean - Z90 * rate.sd),
  };
}

/** When to look next: half-way to the earliest likely moment, at least 2 min on. */
export const nextLookMin = (nowMin: number, p10Min: number): number =>
  nowMin + Math.max(2, (p10Min - nowMin) / 2);
