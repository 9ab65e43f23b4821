import { exp } from "./same-math";
import { square } from "./whole-power";
const GRID = 241;
/** So many standard deviations either way are looked at. */
const REACH_SDS = 5;

/** How likely each value is after the evidence, on a grid; the weights come to 1. */
export interface Grid {
  readonly at: readonly number[];
  readonly weights: readonly number[];
}

/**
 * A belief of mean 0 and such a spread after evidence, worked out on a grid.
 * @param logLikely the logarithm of how likely the evidence is where x is true
 */
export function gridAfter(sigma: number, logLikely: (x: number) => number): Grid {
  const reach = REACH_SDS * sigma;
  const at = Array.from({ length: GRID }, (_, i) => -reach + (2 * reach * i) / (GRID - 1));
  const logs = at.map((x) => -0.5 * square(x / sigma) + logLikely(x));
  const most = Math.max(...logs);
  const raw = logs.map((log) => exp(log - most));
  const total = raw.reduce((sum, w) => sum + w, 0);
  return { at, weights: raw.map((w) => w / total) };
}

/** Evidence that makes a belief surer by less than a tenth of its precision says nothing. */
const LEAST_PRECISION = 0.1;

/**
 * What evidence says by itself, as a normal: what takes the belief before it to where it stands after it, by mean
 * and variance (one step of assumed-density filtering). Null where it says next to nothing.
 */
export function saidAlone(
  sigma: number,
  { at, weights }: Grid,
): { readonly mean: number; readonly sd: number } | null {
  const sumOf = (of: (x: number) => number) =>
    at.reduce((sum, x, i) => sum + (weights[i] ?? 0) * of(x), 0);
  const mean = sumOf((x) => x);
  const variance = sumOf((x) => square(x - mean));
  const precision = 1 / variance - 1 / square(sigma);
  return precision * square(sigma) > LEAST_PRECISION
    ? { mean: mean / variance / precision, sd: 1 / Math.sqrt(precision) }
    : null;
}
