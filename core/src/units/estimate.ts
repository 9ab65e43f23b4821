import { exp } from "./same-math";
import type { Constant } from "./constant";

/** One named input of a figure. */
export interface BecauseInput {
  readonly name: string;
  readonly value: number | string;
  readonly unit: string;
}

/** How a figure came about: its formula in words, its inputs, and each constant with its source. */
export interface Because {
  readonly formula: string;
  readonly inputs: readonly BecauseInput[];
  readonly constants: readonly Constant[];
  /** What makes the range: parameter name and its share of the spread, largest first. */
  readonly spread: readonly { readonly name: string; readonly share: number }[];
  /** What was learned in this kitchen that it draws on, a sentence each. */
  readonly here?: readonly string[];
}

/** A figure as it leaves the core: P10, P50, P90, its unit, and its because. */
export interface Estimate {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  readonly low: number;
  readonly expected: number;
  readonly high: number;
  readonly because: Because;
}

/** The standard normal quantile of 0.9. */
export const Z90 = 1.28155;

/** The standard normal distribution, to 1e-7 (Abramowitz and Stegun, 26.2.17). */
export function normalCdf(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const tail =
    (exp((-x * x) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return x >= 0 ? 1 - tail : tail;
}
