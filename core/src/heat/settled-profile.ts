import { exp } from "../units/same-math";
import { square } from "../units/whole-power";
import { BALL_POINTS } from "./ball-points";
import { MIDWAY, slowestMode } from "./piece";

/**
 * A ball in evenly warming liquid, the faster modes of what was before gone: a parabola, and on it what is left of the
 * slowest mode. T(r) = surfaceC − spreadC·(1 − r²) + slowestC·sin(πr)/(πr), r of the radius. Carslaw and Jaeger.
 */
export interface SettledProfile {
  readonly surfaceC: number;
  /** From the surface to the middle, °C. */
  readonly spreadC: number;
  /** What is left of the slowest mode, in the middle, °C. */
  readonly slowestC: number;
}

const MEAN_OF_SPREAD = 2 / 5;
const MEAN_OF_SLOWEST = 3 / square(Math.PI);

export const settledCentreC = (p: SettledProfile): number => p.surfaceC - p.spreadC + p.slowestC;

export const settledMeanC = (p: SettledProfile): number =>
  p.surfaceC - MEAN_OF_SPREAD * p.spreadC + MEAN_OF_SLOWEST * p.slowestC;

const SPREAD_MIDWAY = 1 - square(MIDWAY);
const SLOWEST_MIDWAY = slowestMode(MIDWAY);
export const settledMidwayC = (p: SettledProfile): number =>
  p.surfaceC - SPREAD_MIDWAY * p.spreadC + SLOWEST_MIDWAY * p.slowestC;

/** By point: share of the volume, and what of the spread and of the slowest mode there is. */
const SHARES = Float64Array.from(BALL_POINTS, ({ share }) => share);
const OF_SPREAD = Float64Array.from(BALL_POINTS, ({ r }) => 1 - r * r);
const OF_SLOWEST = Float64Array.from(BALL_POINTS, ({ r }) => slowestMode(r));

/** Volume mean of exp(k·(T − surfaceC)). */
export function settledMeanExp(spreadC: number, slowestC: number, k: number): number {
  if (spreadC === 0 && slowestC === 0) return 1;
  let sum = 0;
  for (let i = 0; i < SHARES.length; i++)
    sum +=
      (SHARES[i] as number) *
      exp(k * (slowestC * (OF_SLOWEST[i] as number) - spreadC * (OF_SPREAD[i] as number)));
  return sum;
}
