import { kitchenEstimate } from "../units/constant";
import { normalCdf, Z90 } from "../units/estimate";

/** What a fork says at a cook value: not yet, nearly, tender, too soft. */
export interface ForkCheck {
  readonly cookMin: number;
  readonly how: "notYet" | "nearly" | "tender" | "tooSoft";
}

/** How far this pot's target is from the usual one, as a factor. */
export interface TargetBelief {
  readonly low: number;
  readonly expected: number;
  readonly high: number;
}

/** Spread of targets before any check. */
export const TARGET_SIGMA = kitchenEstimate(
  "spread of targets",
  0.25,
  "log",
  "usual times as cook values, ±25 %",
);
/** No log tells more of the next pot than this. */
export const FORK_NOISE = kitchenEstimate(
  "piece to piece and fork to fork",
  0.12,
  "log",
  "kitchen estimate",
);
/** Checks that make a belief hardly surer (by less than a quarter of its precision) say nothing. */
const LEAST_PRECISION = 0.25 / TARGET_SIGMA.value ** 2;
const GRID = 161;
const REACH = 1;

/** Cook values of an end, min at 100 °C. */
interface Ends {
  readonly done: number;
  readonly ideal: number;
  readonly past: number;
}

/** How likely each target is, on a grid over its logarithm; the weights come to 1. */
interface Grid {
  readonly logs: readonly number[];
  readonly weights: readonly number[];
}

/** Each check is a threshold seen with noise: "nearly" stands between done and at its best, "too soft" past it. */
function gridOf(target: Ends, checks: readonly ForkCheck[], sigmaLog: number): Grid {
  const logs = Array.from({ length: GRID }, (_, i) => -REACH + (2 * REACH * i) / (GRID - 1));
  const tender = Math.sqrt(target.done * target.ideal);
  const raw = logs.map((x) => {
    let log = -0.5 * (x / sigmaLog) ** 2;
    for (const { cookMin, how } of checks) {
      const isPast = (at: number) =>
        normalCdf((Math.log(Math.max(0.1, cookMin)) - Math.log(at) - x) / FORK_NOISE.value);
      const likely = {
        notYet: 1 - isPast(target.done),
        nearly: isPast(target.done) - isPast(target.ideal),
        tender: isPast(tender) - isPast(target.past),
        tooSoft: isPast(target.past),
      }[how];
      log += Math.log(Math.max(1e-9, likely));
    }
    return Math.exp(log);
  });
  const total = raw.reduce((sum, w) => sum + w, 0);
  return { logs, weights: raw.map((w) => w / total) };
}

/**
 * Where tenderness really is in this pot, from checks. Cook values in min at 100 °C.
 * @param sigmaLog how far such a pot may be off before any check, log
 * @example believeTarget({ done: 75, ideal: 105, past: 190 }, []).expected // 1
 */
export function believeTarget(
  target: Ends,
  checks: readonly ForkCheck[],
  sigmaLog = TARGET_SIGMA.value,
): TargetBelief {
  const { logs, weights } = gridOf(target, checks, sigmaLog);
  const quantile = (share: number) => {
    let sum = 0;
    for (const [i, w] of weights.entries()) {
      const before = sum;
      sum += w;
      if (sum < share) continue;
      const inStep = sum > before ? (share - before) / (sum - before) : 0.5;
      return Math.exp((logs[i] ?? 0) + (inStep - 0.5) * ((2 * REACH) / (GRID - 1)));
    }
    return Math.exp(REACH);
  };
  const middle = quantile(0.5);
  // Pot-to-pot noise stays, however often a fork goes in: model section 10.
  const widened = (edge: number) =>
    Math.exp(Math.hypot(Math.log(edge / middle), Z90 * FORK_NOISE.value));
  return {
    low: middle / widened(quantile(0.1)),
    expected: middle,
    high: middle * widened(quantile(0.9)),
  };
}

/**
 * What checks say by themselves, as a normal in the logarithm: what takes a belief of the usual spread to where
 * it stands after them, by its mean and variance. Null where they say next to nothing.
 */
export function forksSay(
  target: Ends,
  checks: readonly ForkCheck[],
): { readonly log: number; readonly sd: number } | null {
  const { logs, weights } = gridOf(target, checks, TARGET_SIGMA.value);
  const sumOf = (of: (x: number) => number) =>
    logs.reduce((sum, x, i) => sum + (weights[i] ?? 0) * of(x), 0);
  const mean = sumOf((x) => x);
  const variance = sumOf((x) => (x - mean) ** 2);
  const precision = 1 / variance - 1 / TARGET_SIGMA.value ** 2;
  if (!(precision > LEAST_PRECISION)) return null;
  return { log: mean / variance / precision, sd: 1 / Math.sqrt(precision) };
}
